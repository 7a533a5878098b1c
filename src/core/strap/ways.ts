/** What can be done to a bag's strap parts without changing them. */
export const strapWays = [
  "as made",
  "doubled",
  "knotted",
  "wound once",
  "wound",
  "wound three times",
  "wound four times",
  "tucked",
  "shortened",
  "side loops",
  "second strap",
  "joined",
  "strap off",
] as const;

export type StrapWay = (typeof strapWays)[number];
