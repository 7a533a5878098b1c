/** What can be done to a bag's strap parts without changing them. */
export const strapWays = [
  "as made",
  "doubled",
  "knotted",
  "wound",
  "tucked",
  "second strap",
  "joined",
  "strap off",
] as const;

export type StrapWay = (typeof strapWays)[number];
