/** Necklines of dresses, tops and knits. */
export const necklines = [
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
  "cowl",
] as const;

export const sleeves = ["long", "three-quarter", "elbow", "short", "none"] as const;
