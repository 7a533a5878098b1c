import type { Look } from "../piece/look";
import type { Piece } from "../piece/piece";
import { generatedWardrobe, numbersFrom } from "./generated";
import { sample, sampleClient, sampleLook, sampleOccasion } from "./sample";

const hexes = [
  "#1d2742",
  "#6d3f26",
  "#2450c0",
  "#c4922f",
  "#17181a",
  "#8f949b",
  "#6b1f2f",
  "#efe6cf",
  "#f7f9fb",
  "#b98e5f",
  "#c6c9cc",
] as const;
const kinds = ["shoe", "bag", "belt", "scarf", "earrings", "necklace", "hosiery", "watch"] as const;

/** A made-up look on the sample body: legs or a skirt, a top, perhaps a jacket, and some accessories. */
export function generatedLook(seed: number): Look {
  const next = numbersFrom(9000 + seed);
  const one = <T>(list: readonly T[]): T => list[Math.floor(next() * list.length)] as T;
  const accessories = generatedWardrobe(kinds, 1, seed)
    .filter((piece) => piece.kind === "shoe" || next() < 0.55)
    .map((piece) => shaped(piece, next, one));
  const legs = sample("trousers", {
    name: "legs",
    hex: one(hexes),
    figures: {
      inseam: 58 + next() * 26,
      opening: 28 + next() * 26,
      above: 30 + next() * 24,
      leg: one(["straight", "narrow", "wide", "flared"]),
    },
  });
  const skirt = sample("skirt", { name: "skirt", hex: one(hexes), figures: { length: 40 + next() * 60 } });
  const top = sample("top", {
    name: "top",
    hex: one(hexes),
    finish: one(["knit", "matte smooth", "satin"]),
    figures: { tucked: true, neckline: one(["crew", "v", "scoop"]) },
  });
  const jacket = sample("jacket", { name: "jacket", hex: one(hexes), figures: { closed: next() < 0.5 } });
  return sampleLook({
    client: {
      ...sampleClient,
      measured: { ...sampleClient.measured, waist: 76, neck: 36, hip: 100 },
    },
    garments: [next() < 0.6 ? legs : skirt, top, ...(next() < 0.4 ? [jacket] : [])],
    accessories,
    occasion: next() < 0.5 ? sampleOccasion : null,
  });
}

/** Boots, low shoes and chains of every shape. */
function shaped(piece: Piece, next: () => number, one: <T>(list: readonly T[]) => T): Piece {
  if (piece.kind === "necklace") return { ...piece, figures: { ...piece.figures, loop: 38 + next() * 50 } };
  if (piece.kind !== "shoe") return piece;
  if (next() < 0.6)
    return {
      ...piece,
      figures: {
        ...piece.figures,
        lift: 1 + next() * 6,
        form: one(["pump", "loafer", "trainer", "sandal"] as const),
      },
    };
  return {
    ...piece,
    figures: {
      ...piece.figures,
      form: "boot",
      shaft: 8 + next() * 30,
      shaftTop: 24 + next() * 14,
      lift: 2 + next() * 5,
      toe: one(["round", "almond", "pointed"] as const),
    },
  };
}
