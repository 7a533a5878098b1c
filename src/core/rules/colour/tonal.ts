import type { Dressed, Patch } from "../../dressing/dressed";
import { param, type Values } from "../../rule-book/params";

export const tonalParams = {
  area: param(0.05, "share", "share from which an area must be of the one colour"),
  speck: param(0.01, "share", "share from which a clear colour breaks it"),
  clear: param(0.65, "ratio", "clarity from which a colour is clear"),
  hue: param(30, "deg", "how far the hues of one colour may lie apart"),
  faint: param(4, "C*", "under this chroma an area has no hue to share"),
  grey: param(10, "C*", "under this chroma a neutral area has only a hint of one"),
  leaning: param(0.2, "ratio", "temperature from which a neutral leans warm or cool"),
  widest: param(65, "L*", "range of depth over which it is contrast rather than one colour"),
  withBlack: param(55, "L*", "the same where black is among them"),
} as const;

type TonalLimits = Values<typeof tonalParams>;

/** The range of depth of a look that the eye calls one colour; null where it would not. */
export function tonalOf({ palette }: Dressed, limits: TonalLimits): { readonly range: number } | null {
  const areas: Patch[] = [];
  for (const patch of palette) if (patch.area >= limits.area && patch.tint.role !== "sole") areas.push(patch);
  if (areas.length === 0) return null;
  const isSpeck = ({ area, tint }: Patch) =>
    area >= limits.speck && !tint.neutral && tint.shade.clarity > limits.clear;
  const oneNeutral = areas.every(({ tint }) => tint.neutral) && areOfOneTemperature(areas, limits);
  if (!oneNeutral && !areOfOneHue(areas, limits)) return null;
  const breaks = (patch: Patch) => patch.tint.role !== "sole" && patch.area < limits.area && isSpeck(patch);
  if (palette.some(breaks)) return null;
  const depths = areas.map(({ tint }) => tint.shade.L);
  const range = Math.max(...depths) - Math.min(...depths);
  const black = areas.some(({ tint }) => tint.family === "black");
  return range <= (black ? limits.withBlack : limits.widest) ? { range } : null;
}

/**
 * Whether a look may still be of one colour when all that is seen of it has grown so many times: what is large enough
 * even then must be of one colour already, and what is too small even now must not break it.
 */
export function mayBeTonal({ palette }: Dressed, grows: number, limits: TonalLimits): boolean {
  const seen = palette.filter(({ tint }) => tint.role !== "sole");
  const areas = seen.filter(({ area }) => area / grows >= limits.area);
  const depths = areas.map(({ tint }) => tint.shade.L);
  if (depths.length > 0 && Math.max(...depths) - Math.min(...depths) > limits.widest) return false;
  const breaks = ({ area, tint }: Patch) =>
    area < limits.area && area / grows >= limits.speck && !tint.neutral && tint.shade.clarity > limits.clear;
  if (seen.some(breaks)) return false;
  const neutral = areas.every(({ tint }) => tint.neutral) && areOfOneTemperature(areas, limits);
  return neutral || areWithinHue(areas, limits);
}

function areOfOneTemperature(areas: readonly Patch[], { leaning }: TonalLimits): boolean {
  return (
    areas.every(({ tint }) => tint.temperature > -leaning) ||
    areas.every(({ tint }) => tint.temperature < leaning)
  );
}

/** Every area within the hues of one colour; a grey with a hint of it may go along, one without breaks it. */
function areOfOneHue(areas: readonly Patch[], limits: TonalLimits): boolean {
  return areas.some(({ tint }) => tint.shade.C >= limits.grey) && areWithinHue(areas, limits);
}

function areWithinHue(areas: readonly Patch[], { faint, hue }: TonalLimits): boolean {
  if (areas.some(({ tint }) => tint.shade.C < faint)) return false;
  return areas.every((one) =>
    areas.every((other) => hueApart(one.tint.shade.hue, other.tint.shade.hue) <= hue),
  );
}

/** The angle between two hues, 0-180 degrees. */
export function hueApart(one: number, other: number): number {
  const apart = Math.abs(one - other) % 360;
  return apart > 180 ? 360 - apart : apart;
}
