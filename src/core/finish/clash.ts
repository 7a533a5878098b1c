import type { Kin } from "./finishes";

/** Kinds of loudness: shine, sparkle and lustre all catch the light, and keep company as evening things do. */
export type Loudness = Exclude<Kin, "shine" | "sparkle" | "lustre"> | "light";

/** A surface as far as two of them can clash. */
interface Surface {
  readonly kin: Kin;
  /** 0-3. */
  readonly boldness: number;
}

const lightCatching: ReadonlySet<Kin> = new Set(["shine", "sparkle", "lustre"]);

/** The kind of loudness that a surface has. */
export function loudnessOf({ kin }: Pick<Surface, "kin">): Loudness {
  return lightCatching.has(kin) ? "light" : (kin as Loudness);
}

/**
 * Whether bold surfaces of different kinds clash outright (docs/model.md, Surfaces): what catches the light meets
 * nap, or each kind is at its boldest; three kinds always do. Light beside pile only rubs.
 */
export function clash(bold: readonly Surface[]): boolean {
  const kinds = new Set(bold.map(loudnessOf));
  if (kinds.size < 2) return false;
  if (kinds.size > 2) return true;
  if (kinds.has("light") && kinds.has("nap")) return true;
  if (kinds.has("light") && kinds.has("pile")) return false;
  return [...kinds].every((kind) => bold.some((each) => loudnessOf(each) === kind && each.boldness === 3));
}
