import type { Look } from "../piece/look";
import type { Occasion } from "../piece/occasion";
import { inWeather } from "../place/forecast";
import type { Finding } from "../rules/finding";
import { pieceIdsOf } from "../rules/spoken";
import type { Reading } from "./read";

/** What may turn out otherwise at an occasion, each asked for with one key. */
export const whatIfs = ["rain", "colder", "seated", "standing", "dressier", "evening"] as const;
export type WhatIf = (typeof whatIfs)[number];

/** Chance of rain of a rainy day, degrees of a colder one, minutes of standing, steps of a dressier company. */
const rainy = 0.95;
const colderBy = 10;
const standingFor = 180;
const dressierBy = 1;

const occasionIf =
  (change: (occasion: Occasion) => Partial<Occasion>) =>
  (look: Look): Look | null => {
    if (!look.occasion) return null;
    // What is supposed of the weather takes the place of any forecast.
    const occasion = { ...inWeather(look.occasion), weather: "typed" as const };
    return { ...look, occasion: { ...occasion, ...change(occasion) } };
  };

const steps = (level: number) => Math.min(9, level + dressierBy);

const supposed: Readonly<Record<WhatIf, (look: Look) => Look | null>> = {
  rain: occasionIf(() => ({ rain: rainy })),
  colder: occasionIf(({ temperature }) => ({ temperature: temperature - colderBy })),
  seated: (look) => (look.client.seated ? null : { ...look, client: { ...look.client, seated: true } }),
  standing: occasionIf(({ onFoot }) => ({ onFoot: onFoot + standingFor })),
  dressier: occasionIf(({ span: { low, high } }) => ({ span: { low: steps(low), high: steps(high) } })),
  evening: occasionIf(() => ({ light: "evening" })),
};

/** A look as it would be; null where it is so already, or nobody has said for which occasion it is. */
export function lookIf(look: Look, whatIf: WhatIf): Look | null {
  return supposed[whatIf](look);
}

/** What a reading says that another does not, and the reverse. */
export interface Differing {
  readonly comes: readonly Finding[];
  readonly goes: readonly Finding[];
}

/** What would be said and what would no longer be, from one reading to the next. */
export function differing(before: Reading, after: Reading): Differing {
  const [had, has] = [before, after].map(({ findings }) => new Set(findings.map(keyOf)));
  return {
    comes: after.findings.filter((finding) => !had?.has(keyOf(finding))),
    goes: before.findings.filter((finding) => !has?.has(keyOf(finding))),
  };
}

const keyOf = (finding: Finding) =>
  `${finding.rule} ${finding.message} ${finding.effect} ${[...pieceIdsOf(finding)].sort().join()}`;
