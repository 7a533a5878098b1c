import type { Body } from "../../body/body";
import { overlap, totalLength } from "../../length/interval";
import type { SeenOfPiece } from "./define-kind";

/**
 * What a top, a bottom from waist to ankle, and a top layer take of a look before anything covers it
 * (docs/model.md, What is seen).
 */
const topShare = 0.3;
const bottomShare = 0.35;
const layerShare = 0.35;

/** A leg in a boot or hosiery is narrower than the trousers that a bottom's area is made for. */
const legShare = 0.55;

/** What a low shoe takes; a shaft is added by its length from this height on, cm. */
const shoeShare = 0.05;
const shaftFrom = 8;

function legDensity({ measures }: Body): number {
  return bottomShare / (measures.waistLine.cm - measures.ankleBone.cm);
}

/** Trousers and skirts: by the length that is seen. */
export function bottomArea({ parts }: SeenOfPiece, body: Body): number {
  return totalLength(parts) * legDensity(body);
}

/** Dresses and jumpsuits: a top above the waist and a bottom below it. */
export function wholeArea({ parts, extent }: SeenOfPiece, body: Body): number {
  const waist = body.measures.waistLine.cm;
  const above = parts.reduce((sum, part) => sum + overlap(part, { from: waist, to: extent.to }), 0);
  return (topShare * above) / (extent.to - waist) + (totalLength(parts) - above) * legDensity(body);
}

export function topArea(seen: SeenOfPiece): number {
  return partOf(seen, topShare);
}

export function layerArea(seen: SeenOfPiece): number {
  return partOf(seen, layerShare);
}

export function shoeArea({ parts, extent }: SeenOfPiece, body: Body): number {
  const shaft = parts.reduce((sum, part) => sum + overlap(part, { from: shaftFrom, to: extent.to }), 0);
  return shoeShare + shaft * legDensity(body) * legShare;
}

export function hosieryArea({ parts }: SeenOfPiece, body: Body): number {
  return totalLength(parts) * legDensity(body) * legShare;
}

/** An accessory that takes the same wherever it is seen. */
export function fixedArea(share: number): (seen: SeenOfPiece) => number {
  return ({ parts }) => (totalLength(parts) > 0 ? share : 0);
}

function partOf({ parts, extent }: SeenOfPiece, share: number): number {
  const whole = extent.to - extent.from;
  return whole > 0 ? (share * totalLength(parts)) / whole : 0;
}
