import { difference } from "../../colour/difference";
import type { PairView } from "../../dressing/pair";

/** A colour of the base that no accessory has taken up yet: an invitation, not a fault. */
export function unanswered({ worn, palette }: PairView, distance: number, minShare: number) {
  // Garments come first: with fewer than two there is nothing for an accessory to join.
  if (worn[1]?.slot !== null) return null;
  for (const item of worn) {
    const { ground } = item.profile;
    if (item.slot !== null || !ground || ground.neutral || ground.share < minShare) continue;
    const met = palette.some(
      (other) => other.item !== item && difference(other.tint.shade, ground.shade) <= distance,
    );
    if (!met) return { item, family: ground.family };
  }
  return null;
}
