import type { Body } from "../body/body";
import { overlap, type Interval } from "../length/interval";
import { placeOf, specOf } from "../piece/piece";
import { hides, type Placed } from "./placed";

/** How much an open layer hides of what lies under it. */
const openCover = 0.55;

/** Each piece's part of what is seen of the look; all together make 1 (0 each for an empty look). */
export function areasOf(
  body: Body,
  placed: readonly Placed[],
  seen: readonly (readonly Interval[])[],
): number[] {
  const raw = placed.map((item, i) => {
    const { piece, extent } = item;
    return specOf(piece).area({ parts: seen[i] ?? [], extent }, body) * leftByOpenLayers(item, placed);
  });
  const total = raw.reduce((sum, area) => sum + area, 0);
  return raw.map((area) => (total > 0 ? area / total : 0));
}

/** The part left to a garment by the open layers over it. */
function leftByOpenLayers({ piece, extent }: Placed, placed: readonly Placed[]): number {
  const place = placeOf(piece);
  if (place === null || place === "layer") return 1;
  const length = extent.to - extent.from;
  if (length <= 0) return 1;
  return placed.reduce((left, other) => {
    if (placeOf(other.piece) !== "layer" || hides(other.asWorn)) return left;
    return left * (1 - (openCover * overlap(extent, other.extent)) / length);
  }, 1);
}
