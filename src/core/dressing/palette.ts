import type { Patch, Worn } from "./dressed";

/** Every colour of the pieces that are seen, piece by piece in the order in which they are worn. */
export function paletteOf(visible: readonly Worn[]): Patch[] {
  const patches: Patch[] = [];
  for (const item of visible) {
    const at = (item.extent.from + item.extent.to) / 2;
    for (const tint of item.profile.tints) patches.push({ item, tint, area: item.area * tint.share, at });
  }
  return patches;
}
