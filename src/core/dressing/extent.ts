import type { Body } from "../body/body";
import { seatedRise } from "../body/seated";
import { isDoubled, strapOn, turnOn, type Adjustment } from "../piece/adjustment";
import type { Piece } from "../piece/piece";
import { hemHeight } from "../proportion/hem";
import { carriedAt } from "../strap/carry";
import { configured } from "../strap/configure";
import { chainDrop, pendantDrop } from "../chain/drop";
import type { Interval } from "./dressed";

/** How far below the side neck points a scarf or a tie falls as it is worn, cm. */
const scarfFalls = {
  draped: 45,
  "tied at the front": 16,
  "tied at the side": 16,
  wrapped: 16,
  "tied as a bow": 5,
} as const;

/** Where the shoe's topline lies above the footbed on a low shoe, as a share of the body height. */
const topline = 0.036;

/** Upper edges of hosiery, as shares of the body height above the footbed. */
const hosieryTops = {
  liner: 0.025,
  "ankle sock": 0.065,
  "crew sock": 0.125,
  "boot sock": 0.16,
  "knee-high": 0.27,
  "hold-up": 0.43,
  tights: 0.62,
} as const;

/** The lower and upper edge of a piece on a body, cm above the footbed. */
export function extentOf(
  body: Body,
  piece: Piece,
  adjustments: readonly Adjustment[],
  seated = false,
): Interval {
  const { measures, height } = body;
  const neck = measures.neckPoint.cm;
  const waist = measures.waistLine.cm;
  switch (piece.kind) {
    case "trousers":
    case "jumpsuit": {
      const hem = hemHeight(measures.crotch.cm, piece.figures, turnOn(adjustments, piece.id));
      return { from: rise("trousers", hem), to: piece.kind === "jumpsuit" ? neck : waist };
    }
    case "skirt":
      return { from: rise("skirt", waist - piece.figures.length), to: waist };
    case "dress":
      return { from: rise("skirt", neck - piece.figures.length), to: neck };
    case "jacket":
    case "coat":
      return { from: neck - piece.figures.length, to: neck };
    case "top":
      return { from: isTucked(piece, adjustments) ? waist : neck - piece.figures.length, to: neck };
    case "shoe":
      return { from: -piece.figures.lift, to: piece.figures.shaft ?? topline * height };
    case "hosiery":
      return { from: 0, to: hosieryTops[piece.figures.form] * height };
    case "belt":
      return around(waist, piece.figures.width);
    case "bag": {
      const top = carriedAt(body, configured(piece.figures, strapOn(adjustments, piece.id)));
      return { from: top - piece.figures.height, to: top };
    }
    case "scarf":
      return { from: neck - scarfFalls[piece.figures.worn], to: neck + 5 };
    case "necklace": {
      const { pendant } = piece.figures;
      const loop = isDoubled(adjustments, piece.id) ? piece.figures.loop / 2 : piece.figures.loop;
      const girth = measures.neck.cm;
      const drop = pendant > 0 ? pendantDrop(loop, girth) + pendant : chainDrop(loop, girth);
      return { from: neck - drop, to: neck };
    }
    case "brooch":
      return around(measures.bustLine.cm + 0.05 * height, piece.figures.width);
    case "earrings":
      return { from: 0.9 * height - piece.figures.drop, to: 0.9 * height };
    case "eyewear":
      return around(0.935 * height, 4);
    case "hat":
      return { from: 0.95 * height, to: 1.02 * height };
    case "hair piece":
      return around(0.97 * height, 3);
    case "watch":
    case "bracelet":
      return around(0.475 * height, 3);
    case "gloves":
      return { from: 0.39 * height, to: 0.47 * height + piece.figures.length };
    case "ring":
      return around(0.41 * height, 1);
  }

  function rise(garment: "trousers" | "skirt", hem: number): number {
    return seated ? hem + seatedRise(garment, height, measures.kneeLine.cm, hem) : hem;
  }
}

/** Whether a top is worn tucked in, as made or as adjusted. */
export function isTucked(piece: Piece, adjustments: readonly Adjustment[]): boolean {
  if (piece.kind !== "top") return false;
  let tucked = piece.figures.tucked;
  for (const adjustment of adjustments) {
    if (adjustment.piece !== piece.id) continue;
    if (adjustment.kind === "tuck-in") tucked = true;
    if (adjustment.kind === "wear-out") tucked = false;
  }
  return tucked;
}

function around(middle: number, size: number): Interval {
  return { from: middle - size / 2, to: middle + size / 2 };
}
