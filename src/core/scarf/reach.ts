/** The knots, with how many times their own thickness of cloth each takes, and the least tail that holds it, cm. */
export const knots = {
  half: { turns: 6, leastTail: 6 },
  reef: { turns: 12, leastTail: 8 },
  slip: { turns: 8, leastTail: 10 },
  ring: { turns: 2, leastTail: 5 },
  none: { turns: 0, leastTail: 0 },
} as const;
export type Knot = keyof typeof knots;

/** A scarf folded to a band: on the bias of a square, or straight along its longer side. Lengths in cm. */
export interface ScarfBand {
  /** The side along which a straight band runs; of a square either. */
  readonly a: number;
  readonly b: number;
  readonly fold: "bias" | "straight";
  readonly width: number;
  /** Thickness of the cloth, mm. */
  readonly thickness: number;
}

/** What a tie goes round, how often, and how it is held. Lengths in cm. */
export interface TieAsked {
  /** Girth of what it goes round. */
  readonly neck: number;
  /** How much looser it lies. */
  readonly ease: number;
  readonly wraps: number;
  readonly knot: Knot;
}

/** Whether a scarf reaches: with the tails that use its whole length and how thick its knot is, or by how much not. */
export type Reaches =
  | { readonly possible: true; readonly tail: number; readonly knot: number }
  | { readonly possible: false; readonly short: number };

/** How densely cloth lies in a knot: the share of its round that is cloth. */
const packing = 0.4;

/**
 * How far a scarf reaches round a neck. The length a tie needs at a tail T is
 * `wraps (neck + ease) + 2 pi t (wraps - 1) + turns D + 2 T`: t is the band's thickness, by which every further wrap
 * lies farther out, and D the thickness of the knot's cloth pressed together, sqrt(4 A / (0.4 pi)) of its
 * cross-section A. A bias band narrows to its ends, so that a knot near a tail's end is smaller.
 */
export function reachOf(band: ScarfBand, tie: TieAsked): Reaches {
  const { leastTail } = knots[tie.knot];
  const spare = lengthOf(band) - needed(band, tie, leastTail);
  if (spare < 0) return { possible: false, short: -spare };
  const tail = longestTail(band, tie, leastTail);
  return { possible: true, tail, knot: knotThickness(band, tail) };
}

/** Length of a band from tip to tip, cm. */
export function lengthOf({ a, fold }: ScarfBand): number {
  return fold === "bias" ? a * Math.SQRT2 : a;
}

/** The length that a tie takes with tails of a length, cm. */
function needed(band: ScarfBand, { neck, ease, wraps, knot }: TieAsked, tail: number): number {
  const thickness = crossSection(band, Infinity) / band.width;
  return (
    wraps * (neck + ease) +
    2 * Math.PI * thickness * (wraps - 1) +
    knots[knot].turns * knotThickness(band, tail) +
    2 * tail
  );
}

/** Cross-section of a band's cloth so far from its tip, cm2: of a bias band it grows from nothing to the diagonal's. */
function crossSection({ a, b, fold, thickness }: ScarfBand, fromTip: number): number {
  const t = thickness / 10;
  return fold === "bias" ? Math.min(2 * fromTip, a * Math.SQRT2) * t : b * t;
}

/** Thickness of the cloth in a knot that lies so far from the tips, cm. */
function knotThickness(band: ScarfBand, tail: number): number {
  return Math.sqrt((4 * crossSection(band, tail)) / (packing * Math.PI));
}

/** The tail with which a tie uses a band's whole length: what it takes grows with the tail, so halving finds it. */
function longestTail(band: ScarfBand, tie: TieAsked, leastTail: number): number {
  const length = lengthOf(band);
  let [low, high] = [leastTail, length / 2];
  for (let step = 0; step < 60; step += 1) {
    const middle = (low + high) / 2;
    if (needed(band, tie, middle) > length) high = middle;
    else low = middle;
  }
  return low;
}
