import type { Body } from "../body/body";
import { overlap, totalLength } from "../length/interval";
import { hides, placeOf } from "../piece/piece";
import { areaOfPiece, type Placed, type SeenParts } from "./placed";

/** How much an open layer hides of what lies under it. */
const openCover = 0.55;

/** Half the width of a V as a share of the width of the body there. */
const openingWidth = 0.16;

/** Each piece's part of what is seen of the look; all together make 1 (0 each for an empty look). */
export function areasOf(body: Body, placed: readonly Placed[], seen: readonly SeenParts[]): number[] {
  const open = placed.filter((item) => placeOf(item.piece) === "layer" && !hides(item.asWorn));
  const areas: number[] = [];
  let total = 0;
  placed.forEach((item, i) => {
    const area = shownOf(item, seen[i] ?? item.whole, body) * leftByOpenLayers(item, open);
    areas.push(area);
    total += area;
  });
  // The last digits of a sum depend on its order, and in what order pieces were put on must not matter.
  for (let i = 0; i < areas.length; i += 1)
    areas[i] = total > 0 ? Math.round(((areas[i] ?? 0) / total) * 1e12) / 1e12 : 0;
  return areas;
}

/** How much is seen of a piece, what lies open over it left aside. */
function shownOf(item: Placed, { parts, inOpening }: SeenParts, body: Body): number {
  if (parts === item.whole.parts) return item.wholeArea;
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
