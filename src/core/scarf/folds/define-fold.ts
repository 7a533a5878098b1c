import type { FoldStep } from "../fold";

/** The sides of a cloth as it is laid out before it is folded, cm. */
export interface LaidSides {
  /** Along the lower edge. */
  readonly width: number;
  readonly height: number;
}

/** A fold with a name: what it is for, on which cloths it can be done, and its steps. */
export interface NamedFold {
  /** What it is called on a screen. */
  readonly name: string;
  /** Only a square has a diagonal that halves it. */
  readonly cloth: "square" | "any";
  /** What comes out: a band has a width that is chosen, the others are as they fall. */
  readonly makes: "band" | "shape";
  /** Direction of its length once folded, degrees from the lower edge. */
  readonly axis: number;
  /**
   * Its steps on a cloth laid out with the chosen corner at the lower left.
   * @param band the width that is wanted of a band, cm; what comes out is as near as whole folds allow
   */
  readonly steps: (sides: LaidSides, band: number) => readonly FoldStep[];
}

/** How often something is halved to come nearest to a width. */
export function halvingsTo(from: number, wanted: number): number {
  return Math.max(0, Math.round(Math.log2(from / wanted)));
}

interface Halving {
  /** A point on the middle line of what is halved, and the direction of that line. */
  readonly lower: (share: number) => FoldStep["through"];
  readonly angle: number;
  readonly times: number;
}

/**
 * Halves what lies between two parallel edges again and again, the upper part over the lower.
 * `lower(share)` is a point at that share of the way from the lower edge to the upper one.
 */
export function halved({ lower, angle, times }: Halving): FoldStep[] {
  return Array.from({ length: times }, (_, i) => ({
    through: lower(1 / 2 ** (i + 1)),
    angle,
    side: "left",
    over: true,
  }));
}
