import type { Patch, Worn } from "./dressed";

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
