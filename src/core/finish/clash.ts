import type { Kin } from "./finishes";

/** A surface as far as two of them can clash. */
interface Surface {
  readonly kin: Kin;
  /** 0-3. */
  readonly boldness: number;
}

/** Whether bold surfaces of different kins clash outright (2.2): shine meets nap, or each kin is at its boldest. */
export function clash(bold: readonly Surface[]): boolean {
  const kins = new Set(bold.map(({ kin }) => kin));
  if (kins.has("shine") && kins.has("nap")) return true;
  return [...kins].every((kin) => bold.some((surface) => surface.kin === kin && surface.boldness === 3));
}
