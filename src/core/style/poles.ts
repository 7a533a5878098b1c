export const poles = [
  "classic",
  "minimal",
  "sport",
  "romantic",
  "rugged",
  "bohemian",
  "tailored",
  "gala",
] as const;

/** The eight directions a piece may lean in; a piece has one or two. */
export type Pole = (typeof poles)[number];
