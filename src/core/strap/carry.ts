import type { Body } from "../body/body";
import type { BagFigures } from "../piece/kinds/bag";

/** Slack a strap loses to curves and cloth on its way across the body. */
const crossSlack = 1.06;
/** How far a closed hand holds a handle above the fingertips, as a share of the body height. */
const heldAbove = 0.023;

/** Drop of a bag below the shoulder point on a strap of this length, cm; 0 when the strap cannot reach. */
export function shoulderDrop(strap: number, bagWidth: number): number {
  return Math.sqrt(Math.max(0, (strap / 2) ** 2 - (bagWidth / 2) ** 2));
}

/** Height of a cross-body bag's top above the footbed, cm. */
export function crossBodyTop(body: Body, strap: number): number {
  const { measures, height } = body;
  const across = 0.05 * height + 0.165 * measures.hip.cm;
  const through = 0.11 * measures.hip.cm;
  const half = strap / 2 / crossSlack;
  return measures.shoulder.cm - Math.sqrt(Math.max(0, half ** 2 - across ** 2 - through ** 2));
}

/** Height of a bag's top edge above the footbed as it is carried, cm. */
export function carriedAt(body: Body, bag: BagFigures): number {
  const { measures } = body;
  switch (bag.carry) {
    case "shoulder":
      return measures.shoulder.cm - shoulderDrop(bag.strap, bag.width);
    case "cross-body":
      return crossBodyTop(body, bag.strap);
    case "crook":
      return measures.elbow.cm - shoulderDrop(bag.strap, bag.width);
    case "hand":
      return measures.fingertip.cm + heldAbove * body.height - shoulderDrop(bag.strap, bag.width);
    case "waist":
      return measures.waistLine.cm + 0.3 * bag.height;
    case "clutch":
    case "wrist":
      return measures.fingertip.cm + 2 * heldAbove * body.height + bag.height / 2;
  }
}
