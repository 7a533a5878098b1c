import type { Tint } from "./profile";
import type { Worn } from "./dressed";

/** One colour of a piece as it is seen in a look. */
export interface Patch {
  readonly item: Worn;
  readonly tint: Tint;
  /** Its part of all that is seen of the look, 0-1. */
  readonly area: number;
  /** Middle of its piece above the footbed, cm. */
  readonly at: number;
}

/** Every colour that is seen, piece by piece in the order in which they are worn. */
export function paletteOf(worn: readonly Worn[]): Patch[] {
  const patches: Patch[] = [];
  for (const item of worn) {
    if (item.seen.length === 0) continue;
    const at = (item.extent.from + item.extent.to) / 2;
    for (const tint of item.profile.tints) patches.push({ item, tint, area: item.area * tint.share, at });
  }
  return patches;
}
