/** Heat of a body at rest, W/m2. */
const atRest = 58;
/** How many times as much a body gives off that moves (met; docs/model.md, Comfort). */
export const moving = { seated: 1, standing: 1.2, strolling: 2 } as const;
export type Moving = keyof typeof moving;

/** Metres a second of wind that count as one step of the wind factor. */
const fullWind = 10;

/** Insulation of the still air about the body, clo, as docs/model.md has it. */
const airLayer = 0.7;

/**
 * Air temperature, deg C, in which a wearer of so much insulation is comfortable: 33 - 0.155 * 0.75 * M * (clo +
 * 0.7 a), with M = 58 met W/m2 and a the part of the still air that the wind leaves (docs/model.md, Comfort).
 * @param wind m/s
 */
export function comfortableAir(clo: number, wind: number, as: Moving): number {
  const still = Math.max(0.3, 1 - wind / fullWind);
  return 33 - 0.155 * 0.75 * atRest * moving[as] * (clo + airLayer * still);
}

/** What an outfit keeps in together, clo. */
export function cloOf(worn: readonly { readonly insulation: number }[]): number {
  let clo = 0;
  for (const { insulation } of worn) clo += insulation;
  return clo;
}
