/** Hardware metals by the group that tells one story. */
const metalGroups = {
  gold: "warm",
  brass: "warm",
  rose: "warm",
  silver: "cool",
  steel: "cool",
  gunmetal: "dark",
  black: "dark",
} as const;

export type GroupedMetal = keyof typeof metalGroups;
export type MetalGroup = (typeof metalGroups)[GroupedMetal];

/** What is recorded on a piece: a metal, both at once, none at all, or not yet looked at. */
export const metalNames = [
  ...(Object.keys(metalGroups) as GroupedMetal[]),
  "two-tone",
  "none",
  "unknown",
] as const;
export type Metal = (typeof metalNames)[number];

/** The group of a metal; null for two-tone, none and unknown. */
export function metalGroup(metal: Metal): MetalGroup | null {
  return metal === "two-tone" || metal === "none" || metal === "unknown" ? null : metalGroups[metal];
}

/** How metals are drawn: a true colour for each. */
export const metalHex: Record<Exclude<Metal, "none" | "unknown">, string> = {
  gold: "#c8a24a",
  brass: "#a98a4b",
  rose: "#c98f7a",
  silver: "#c6c9cc",
  steel: "#9aa0a5",
  gunmetal: "#4d5157",
  black: "#232427",
  "two-tone": "#b9b08c",
};
