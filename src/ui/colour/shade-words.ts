import { clarityBand, depthWord, temperatureWord } from "@/core/colour/bands";
import { familyOf } from "@/core/colour/family";
import type { Shade } from "@/core/colour/shade";
import { temperature } from "@/core/colour/temperature";

/** What a shade is like, a word each: of which family it is, how dark, how clear, how warm. */
export function wordsOf(shade: Shade) {
  return {
    family: familyOf(shade),
    depth: depthWord(shade.L),
    clarity: clarityBand(shade.clarity),
    temperature: temperatureWord(temperature(shade)),
  };
}

/** A shade in a few words: family, depth, clarity, temperature. */
export function sayShade(shade: Shade): string {
  return Object.values(wordsOf(shade)).join(", ");
}
