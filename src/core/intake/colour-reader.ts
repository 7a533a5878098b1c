import { converter, formatHex, modeLab65, modeRgb, useMode } from "culori/fn";
import { difference } from "../colour/difference";
import { shadeOf } from "../colour/shade";

useMode(modeRgb);
useMode(modeLab65);
const toLab = converter("lab65");

/** A device that is laid on a cloth and says its colour; the one that ships stands in for a real one. */
export interface ColourReader {
  /** Reads what lies under it, once. @returns #rrggbb @throws where nothing lies under it, or it does not answer */
  read(): Promise<string>;
}

/** Several readings of one cloth as one colour. */
export interface AveragedReading {
  /** The mean of the readings in CIELAB. */
  readonly hex: string;
  readonly readings: readonly string[];
  /** How far the two readings that differ most lie apart, in CIEDE2000. */
  readonly spread: number;
}

/** How many times a cloth is read, and how far the readings may lie apart to be one colour. */
export const timesRead = 3;
export const steadySpread = 4;

/** Reads a cloth several times and takes the mean; the readings themselves are kept to be shown. */
export async function readAveraged(reader: ColourReader): Promise<AveragedReading> {
  const readings: string[] = [];
  for (let time = 0; time < timesRead; time += 1) readings.push(await reader.read());
  return averaged(readings);
}

/** @param readings at least one colour as #rrggbb */
export function averaged(readings: readonly string[]): AveragedReading {
  const labs = readings.map((hex) => toLab(hex) ?? { mode: "lab65" as const, l: 0, a: 0, b: 0 });
  const mean = (of: (lab: (typeof labs)[number]) => number) =>
    labs.reduce((sum, lab) => sum + of(lab), 0) / labs.length;
  const hex = formatHex({
    mode: "lab65",
    l: mean(({ l }) => l),
    a: mean(({ a }) => a),
    b: mean(({ b }) => b),
  });
  const shades = readings.map(shadeOf);
  const spread = Math.max(
    0,
    ...shades.flatMap((one, i) => shades.slice(i + 1).map((other) => difference(one, other))),
  );
  return { hex, readings, spread };
}

/** How far a reading of the stand-in may miss in each of L*, a* and b*: CIEDE2000 stretches a* by half near grey, and even there one cloth stays steady. */
const noise = 0.7;

/**
 * A colour reader without the device: a cloth of a tray lies under it, and each reading misses it by a little.
 * @param cloth the colour that lies under it, #rrggbb; null where nothing does
 * @param random numbers in [0, 1)
 */
export function trayReader(cloth: string | null, random: () => number): ColourReader {
  return {
    read: () => {
      const lab = cloth === null ? undefined : toLab(cloth);
      if (!lab) return Promise.reject(new Error("nothing lies under the reader"));
      const missed = (value: number) => value + noise * (2 * random() - 1);
      const seen = { mode: "lab65" as const, l: missed(lab.l), a: missed(lab.a), b: missed(lab.b) };
      return Promise.resolve(formatHex(seen));
    },
  };
}
