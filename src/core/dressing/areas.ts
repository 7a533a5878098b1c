import type { Body } from "../body/body";
import { overlap, totalLength } from "../length/interval";
import { adjustmentSpec } from "../piece/adjustment";
import type { SeenOfPiece } from "../piece/kinds/define-kind";
import { placeOf, specOf } from "../piece/piece";
import type { Placed } from "./placed";
import { hides, type SeenParts } from "./seen-parts";

/** How much an open layer hides of what lies under it. */
const openCover = 0.55;

/** Half the width of a V as a share of the width of the body there. */
const openingWidth = 0.16;
const nothing: SeenParts = { parts: [], inOpening: [] };

/** Each piece's part of what is seen of the look; all together make 1 (0 each for an empty look). */
export function areasOf(body: Body, placed: readonly Placed[], seen: readonly SeenParts[]): number[] {
  const open = placed.filter((item) => placeOf(item.piece) === "layer" && !hides(item.asWorn));
  const raw = placed.map((item, i) => {
    const { extent } = item;
    const { parts, inOpening } = seen[i] ?? nothing;
    const area = areaOf(item, { parts, extent }, body) * leftByOpenLayers(item, open);
    if (inOpening.length === 0) return area;
    const length = totalLength(parts);
    // A V is half its depth times its width (docs/model.md, What is seen): far less than the full width of the body.
    return length > 0 ? area * (1 - ((1 - openingWidth) * totalLength(inOpening)) / length) : area;
  });
  const total = raw.reduce((sum, area) => sum + area, 0);
  // The last digits of a sum depend on its order, and in what order pieces were put on must not matter.
  return raw.map((area) => (total > 0 ? Math.round((area / total) * 1e12) / 1e12 : 0));
}

/** How much a piece takes by what is seen of it, or by the way it is worn. */
function areaOf({ piece, adjustments }: Placed, seen: SeenOfPiece, body: Body): number {
  for (const adjustment of adjustments) {
    const area = adjustmentSpec(adjustment.kind).area?.(adjustment);
    if (area !== undefined) return area;
  }
  return specOf(piece).area(seen, body);
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
