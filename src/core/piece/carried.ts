interface Carried {
  /** Longest side, cm. */
  readonly longest: number;
  /** Room it takes, cubic cm. */
  readonly volume: number;
}

/** What is carried to an occasion, with the room each takes. */
export const carriedThings = {
  phone: { longest: 16, volume: 100 },
  purse: { longest: 12, volume: 250 },
  keys: { longest: 8, volume: 60 },
  glasses: { longest: 17, volume: 420 },
  "water bottle": { longest: 22, volume: 700 },
  umbrella: { longest: 28, volume: 800 },
  "flat shoes": { longest: 27, volume: 2200 },
  tablet: { longest: 25, volume: 450 },
  laptop: { longest: 33, volume: 1500 },
  "papers, A4": { longest: 30, volume: 600 },
} as const satisfies Record<string, Carried>;

export type CarriedThing = keyof typeof carriedThings;

/** Things of which one has several: they are said in the plural. */
const several: ReadonlySet<CarriedThing> = new Set(["keys", "glasses", "flat shoes", "papers, A4"]);

export function isSeveral(thing: CarriedThing): boolean {
  return several.has(thing);
}
export const carriedNames = Object.keys(carriedThings) as CarriedThing[];
