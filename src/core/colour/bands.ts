/** Upper ends of the seven bands of depth, L*. */
const depthCuts = [15, 30, 45, 60, 75, 90] as const;

const depthWords = ["very dark", "dark", "deep", "middle", "light", "pale", "near white"] as const;

/** The band of a depth, 0 (under 15 L*) to 6 (from 90 on). */
export function depthBand(L: number): number {
  const band = depthCuts.findIndex((cut) => L < cut);
  return band === -1 ? depthCuts.length : band;
}

/** The word for a depth, such as 38 -> "deep". */
export function depthWord(L: number): string {
  return depthWords[depthBand(L)] ?? "middle";
}

export const clarityBands = ["muted", "soft", "clear"] as const;
export type ClarityBand = (typeof clarityBands)[number];

/** Muted under 0.35, clear over 0.65. */
export function clarityBand(clarity: number): ClarityBand {
  if (clarity < 0.35) return "muted";
  return clarity > 0.65 ? "clear" : "soft";
}

/** The word for a temperature in [-1, 1]. */
export function temperatureWord(temperature: number): "warm" | "cool" | "neither warm nor cool" {
  if (temperature > 0.15) return "warm";
  return temperature < -0.15 ? "cool" : "neither warm nor cool";
}
