import { finishes, type Kin } from "../../finish/finishes";
import type { Shade } from "../../colour/shade";
import { difference } from "../../colour/difference";
import { toneLimitsOf } from "../../colour/tone-limits";
import type { Touch, Worn } from "../../dressing/dressed";
import type { RuleBook } from "../../rule-book/rule-book";

/** Surfaces with enough of their own to part two tones, whatever their depth. */
const textured: ReadonlySet<Kin> = new Set(["weave", "nap", "pattern", "pile"]);

/** Whether a belt at the join parts two grounds: by its texture, or by its depth from both. */
export function parts(separator: Worn, upper: Shade, lower: Shade, book: RuleBook): boolean {
  const ground = separator.profile.ground;
  if (!ground) return false;
  if (textured.has(finishes[separator.piece.finish].kin)) return true;
  const { parting } = toneLimitsOf(book);
  return Math.abs(ground.shade.L - upper.L) >= parting && Math.abs(ground.shade.L - lower.L) >= parting;
}

/** Whether a piece wears a colour, or one near it. */
export function wearsNear({ profile }: Worn, shade: Shade, within: number): boolean {
  return profile.tints.some((tint) => difference(tint.shade, shade) <= within);
}

/** A piece other than the two that touch whose colours hold the grounds of both; null where one has no colour. */
export function holding(visible: readonly Worn[], { upper, lower }: Touch, within: number): Worn | null {
  const [above, below] = [upper.profile.ground?.shade, lower.profile.ground?.shade];
  if (!above || !below) return null;
  return (
    visible.find(
      (item) =>
        item.piece !== upper.piece &&
        item.piece !== lower.piece &&
        wearsNear(item, above, within) &&
        wearsNear(item, below, within),
    ) ?? null
  );
}
