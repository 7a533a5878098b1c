import type { Body } from "../../body/body";
import type { Interval } from "../../length/interval";
import { added, choice, maybeLength } from "../field";

const necklines = [
  "crew",
  "v",
  "scoop",
  "boat",
  "square",
  "roll",
  "shirt collar",
  "wrap",
  "halter",
  "strapless",
  "cowl",
] as const;

export const sleeves = ["long", "three-quarter", "elbow", "short", "none"] as const;

/** The figures of a garment's neck and sleeves: dresses, tops, knits and jumpsuits. */
export const neckFigures = {
  neckline: choice("Neckline", necklines),
  sleeve: choice("Sleeve", sleeves),
  neckDepth: added(
    maybeLength("Neckline below the side neck point", 0, 45, "empty: as its kind usually lies"),
  ),
} as const;

/** From the side neck point down by the recorded length. */
export function fromNeck(figures: { readonly length: number }, { measures }: Body): Interval {
  const neck = measures.neckPoint.cm;
  return { from: neck - figures.length, to: neck };
}
