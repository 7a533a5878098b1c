/** Where each length of sleeve ends, as a share of the body height; null for none. */
export const sleeveEnds = {
  long: 0.488,
  "three-quarter": 0.55,
  elbow: 0.63,
  short: 0.715,
  none: null,
} as const;

/** Height of the wrist, as a share of the body height. */
export const wristShare = 0.478;
