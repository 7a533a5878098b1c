import { defaultSchools, type Schools } from "./schools";

/** A client's choice of schools, and any parameter or weight set away from its default. */
export interface RuleBook {
  readonly name: string;
  /** Counts the book's changes from 1; a reading names the version it was made with. */
  readonly version: number;
  readonly schools: Schools;
  /** Overrides as rule id -> parameter -> value. */
  readonly params: Readonly<Record<string, Readonly<Record<string, number>>>>;
  /** Weights of rules that do not have their own; a rule of weight 0 rests. */
  readonly weights: Readonly<Record<string, number>>;
}

function ready(name: string, schools: Partial<Schools>): RuleBook {
  return { name, version: 1, schools: { ...defaultSchools, ...schools }, params: {}, weights: {} };
}

/** What this product starts everybody with. */
export const polished = ready("Polished", {});

/** The ready rule books a studio starts from. */
export const readyBooks: readonly RuleBook[] = [
  ready("Hushed", { metals: "one metal", darks: "keep apart", colours: "at most two" }),
  polished,
  ready("Spirited", {
    metals: "free",
    openToe: "sheer toe allowed",
    ornament: "layered",
    socks: "shown on purpose",
    colours: "at most four",
    undertone: "ignore",
  }),
  ready("Street-cut", {
    metals: "free",
    socks: "shown on purpose",
    trainers: "if the rest is dressed down too",
  }),
];

/** Whether two books read alike, whatever their names and versions. */
export function readsAlike(one: RuleBook, other: RuleBook): boolean {
  const read = ({ schools, params, weights }: RuleBook) =>
    JSON.stringify([
      Object.entries(schools).sort(),
      Object.entries(params)
        .map(([id, values]) => [id, Object.entries(values).sort()])
        .filter(([, values]) => values && values.length > 0)
        .sort(),
      Object.entries(weights).sort(),
    ]);
  return read(one) === read(other);
}
