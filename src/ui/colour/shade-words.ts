import { clarityBand, depthWord, temperatureWord } from "@/core/colour/bands";
import { familyOf } from "@/core/colour/family";
import type { Shade } from "@/core/colour/shade";
import { temperature } from "@/core/colour/temperature";

/** A shade in words and figures: family, depth, clarity, temperature. */
export function sayShade(shade: Shade): string {
  return `${familyOf(shade)}, ${depthWord(shade.L)}, ${clarityBand(shade.clarity)}, ${temperatureWord(temperature(shade))}`;
}
