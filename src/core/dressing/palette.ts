import type { Patch, Worn } from "./dressed";

/** Every colour of the pieces that are seen, piece by piece in the order in which they are worn. */
export function paletteOf(visible: readonly Worn[]): Patch[] {
  const palette: Patch[] = [];
  for (const { patches } of visible) for (const patch of patches) palette.push(patch);
  return palette;
}
