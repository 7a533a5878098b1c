import type { Body } from "../../body/body";
import type { Interval } from "../../length/interval";
import { added, choice, flag, maybeLength } from "../field";

const necklines = [
  "crew",
  "v",
  "scoop",
  "boat",
  "square",
  "roll",
  "shirt collar",
  "wrap",
  "halter",
  "strapless",
  "off the shoulder",
  "cowl",
] as const;

export type Neckline = (typeof necklines)[number];

/** How far each neckline's edge usually lies below the side neck point at the centre front, cm. */
export const usualNeckDepth: Readonly<Record<Neckline, number>> = {
  crew: 7.5,
  v: 18,
  scoop: 17,
  boat: 5,
  square: 11,
  roll: -3,
  "shirt collar": 9,
  wrap: 20,
  halter: 6,
  strapless: 24,
  "off the shoulder": 14,
  cowl: 14,
};

export const sleeves = ["long", "three-quarter", "elbow", "short", "none"] as const;

/** The figures of a garment's neck and sleeves: dresses, tops, knits and jumpsuits. */
export const neckFigures = {
  neckline: choice("Neckline", necklines),
  sleeve: choice("Sleeve", sleeves),
  neckDepth: added(
    maybeLength("Neckline below the side neck point", [0, 45], "empty: as its kind usually lies"),
  ),
  offShoulder: added(flag("Made to be worn off the shoulder too")),
} as const;

/** How a layer buttons in front. */
export const breasted = ["single-breasted", "double-breasted"] as const;

interface Fronted {
  readonly form: string;
  readonly sleeve: (typeof sleeves)[number];
  readonly breasted: (typeof breasted)[number];
  readonly closed: boolean;
}

/** A waistcoat and a cape have no sleeves. */
export function sleevelessForms({ form, sleeve }: Fronted): { field: string; say: string } | null {
  if ((form !== "waistcoat" && form !== "cape") || sleeve === "none") return null;
  return { field: "sleeve", say: `A ${form} has no sleeves: choose none.` };
}

/** How many times as warm as an open one a layer is that is closed. */
const closedIsWarmer = 1.1;

/** What closing a layer does for its warmth. */
export function closedBy({ closed }: Pick<Fronted, "closed">): number {
  return closed ? closedIsWarmer : 1;
}

/** A double-breasted front left open hangs as it was not cut to: half a step less formal. */
export function leansOpen({ breasted: buttoned, closed }: Fronted): number {
  return buttoned === "double-breasted" && !closed ? -0.5 : 0;
}

/** From the side neck point down by the recorded length. */
export function fromNeck(figures: { readonly length: number }, { measures }: Body): Interval {
  const neck = measures.neckPoint.cm;
  return { from: neck - figures.length, to: neck };
}

/** The collars a layer may have. */
export const collars = ["notched", "shawl", "stand", "round", "hood"] as const;

/** Whether a layer of a collar has lapels: it opens in a V to where they meet. */
export function hasLapels({ collar }: { readonly collar: string }): boolean {
  return collar === "notched" || collar === "shawl";
}

/** How far below the line of the bust the lapels of a jacket meet, and those of a coat, cm. */
const lapelsMeet = { jacket: 9, coat: 6 } as const;

/** Where the lapels of a closed layer meet; a stand, a round collar or a hood closes at the neck. */
export function lapelsOpenTo(kind: keyof typeof lapelsMeet) {
  return (figures: { readonly collar: string }, { measures }: Body): number | null =>
    hasLapels(figures) ? measures.bustLine.cm - lapelsMeet[kind] : null;
}

/** Where the front of a garment's neckline lies, if it leaves anything under it to be seen. */
export function necklineOpensTo(
  { neckline, neckDepth }: { readonly neckline: Neckline; readonly neckDepth: number | null },
  { measures }: Body,
): number | null {
  const depth = neckDepth ?? usualNeckDepth[neckline];
  return depth > 0 ? measures.neckPoint.cm - depth : null;
}
