import { defaultSchools, type Schools } from "./schools";

/** A client's choice of schools, and any parameter set away from its default. */
export interface RuleBook {
  readonly name: string;
  readonly schools: Schools;
  /** Overrides as rule id -> parameter -> value. */
  readonly params: Readonly<Record<string, Readonly<Record<string, number>>>>;
}

/** The ready rule books a studio starts from. */
export const readyBooks: readonly RuleBook[] = [
  { name: "Hushed", schools: { ...defaultSchools, metals: "one metal", darks: "keep apart" }, params: {} },
  { name: "Polished", schools: defaultSchools, params: {} },
  {
    name: "Spirited",
    schools: {
      ...defaultSchools,
      metals: "free",
      openToe: "sheer toe allowed",
      ornament: "layered",
      socks: "shown on purpose",
    },
    params: {},
  },
  {
    name: "Street-cut",
    schools: { ...defaultSchools, metals: "free", socks: "shown on purpose" },
    params: {},
  },
];

export const polished: RuleBook = readyBooks.find((book) => book.name === "Polished") ?? {
  name: "Polished",
  schools: defaultSchools,
  params: {},
};
