import { finishes } from "../../finish/finishes";
import type { Shade } from "../../colour/shade";
import { difference } from "../../colour/difference";
import type { Touch, Worn } from "../../dressing/dressed";

/** How deep a separator must stand from both sides to part them, L*. */
const partingDepth = 12;

/** Whether a belt at the join parts two grounds: by its texture, or by its depth from both. */
export function parts(separator: Worn, upper: Shade, lower: Shade): boolean {
  const ground = separator.profile.ground;
  if (!ground) return false;
  const { kin } = finishes[separator.piece.finish];
  if (kin === "weave" || kin === "nap" || kin === "pattern" || kin === "pile") return true;
  return (
    Math.abs(ground.shade.L - upper.L) >= partingDepth && Math.abs(ground.shade.L - lower.L) >= partingDepth
  );
}

/** A piece other than the two that touch whose colours hold both of theirs. */
export function holdsBoth(
  visible: readonly Worn[],
  touch: Touch,
  upper: Shade,
  lower: Shade,
  within: number,
): Worn | null {
  const holds = (item: Worn, shade: Shade) =>
    item.profile.tints.some((tint) => difference(tint.shade, shade) <= within);
  return (
    visible.find(
      (item) =>
        item.piece !== touch.upper.piece &&
        item.piece !== touch.lower.piece &&
        holds(item, upper) &&
        holds(item, lower),
    ) ?? null
  );
}
