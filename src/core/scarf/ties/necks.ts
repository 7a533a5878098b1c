import type { Neckline } from "../../piece/kinds/cuts";

/** What a scarf at the neck may meet: a neckline, or the lapels of a layer. */
export type NeckOfGarment = Neckline | "lapels";

export const roundNecks = ["crew", "square"] as const;
export const deepNecks = ["v", "wrap"] as const;
export const highNecks = ["roll", "halter"] as const;

/** Every neck: what lies flat under a layer, or over the shoulders, meets none of them. */
export const anyNeck = [
  ...roundNecks,
  ...deepNecks,
  ...highNecks,
  "scoop",
  "boat",
  "shirt collar",
  "strapless",
  "cowl",
  "lapels",
] as const satisfies readonly NeckOfGarment[];
