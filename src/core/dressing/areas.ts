import type { Body } from "../body/body";
import { overlap, totalLength } from "../length/interval";
import { placeOf } from "../piece/piece";
import { areaOfPiece, type Placed } from "./placed";
import type { SeenParts } from "./seen-parts";

/** How much an open layer hides of what lies under it. */
const openCover = 0.55;

/** Half the width of a V as a share of the width of the body there. */
const openingWidth = 0.16;

/** How much is seen of a piece; such areas are compared, and do not add up to 1. */
export function shownOf(item: Placed, seen: SeenParts, open: readonly Placed[], body: Body): number {
  return seenOpenly(item, seen, body) * leftByOpenLayers(item, open);
}

/** Each piece's part of all that is seen of a look; all together make 1 (0 each where nothing is). */
export function sharesOf(areas: readonly number[]): number[] {
  let total = 0;
  for (const area of areas) total += area;
  // The last digits of a sum depend on its order, and in what order pieces were put on must not matter.
  return areas.map((area) => (total > 0 ? Math.round((area / total) * 1e12) / 1e12 : 0));
}

/** How much is seen of a piece, what lies open over it left aside. */
function seenOpenly(item: Placed, { parts, inOpening }: SeenParts, body: Body): number {
  if (parts === item.whole) return item.wholeArea;
  const area = areaOfPiece(item, parts, body);
  if (inOpening.length === 0) return area;
  const length = totalLength(parts);
  // A V is half its depth times its width (docs/model.md, What is seen): far less than the full width of the body.
  return length > 0 ? area * (1 - ((1 - openingWidth) * totalLength(inOpening)) / length) : area;
}

/** The part left to a garment by the open layers over it. */
function leftByOpenLayers({ piece, extent }: Placed, open: readonly Placed[]): number {
  if (open.length === 0) return 1;
  const place = placeOf(piece);
  if (place === null || place === "layer") return 1;
  const length = extent.to - extent.from;
  if (length <= 0) return 1;
  return open.reduce((left, other) => left * (1 - (openCover * overlap(extent, other.extent)) / length), 1);
}
