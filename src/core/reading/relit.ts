import { underLight, type LightName } from "../colour/light";
import type { Look } from "../piece/look";
import type { Piece } from "../piece/piece";

const pieces = new Map<LightName, WeakMap<Piece, Piece>>();

/** A piece in the colours it has by a light; the same piece always gives the same object. */
function pieceUnder(piece: Piece, light: LightName): Piece {
  let lit = pieces.get(light);
  if (!lit) pieces.set(light, (lit = new WeakMap()));
  let seen = lit.get(piece);
  if (!seen) {
    seen = {
      ...piece,
      swatches: piece.swatches.map((swatch) => ({ ...swatch, hex: underLight(swatch.hex, light) })),
    };
    lit.set(piece, seen);
  }
  return seen;
}

/** A colour of the client by a light; what nobody has said stays unsaid. */
function lit(hex: string | null, light: LightName): string | null {
  return hex === null ? null : underLight(hex, light);
}

/**
 * The look in the colours it has by a light, skin and hair included. Read again, it tells what the light
 * does to its whites and its darks; the register, the hems and the metals stay as they are.
 */
export function lookUnder(look: Look, light: LightName): Look {
  if (light === "daylight") return look;
  const { colouring } = look.client;
  return {
    ...look,
    client: {
      ...look.client,
      colouring: {
        ...colouring,
        skin: lit(colouring.skin, light),
        hair: lit(colouring.hair, light),
        eyes: lit(colouring.eyes, light),
      },
    },
    garments: look.garments.map((piece) => pieceUnder(piece, light)),
    accessories: look.accessories.map((piece) => pieceUnder(piece, light)),
  };
}
