import { initialFigures } from "../piece/initial-figures";
import type { Kind } from "../piece/kinds";
import { noGoals, noLimits, type Client } from "../piece/client";
import type { Look } from "../piece/look";
import type { Occasion } from "../piece/occasion";
import type { PieceOf } from "../piece/piece";
import { polished } from "../rule-book/rule-book";
import type { Schools } from "../rule-book/schools";

type Given<K extends Kind> = Partial<Omit<PieceOf<K>, "kind" | "figures">> & {
  readonly hex?: string;
  readonly figures?: Partial<PieceOf<K>["figures"]>;
};

/** A plain piece for a test, one colour, with what the test cares about set. */
export function sample<K extends Kind>(kind: K, given: Given<K> = {}): PieceOf<K> {
  const { hex = "#808080", figures, ...rest } = given;
  return {
    id: rest.name ?? kind,
    name: kind,
    swatches: [{ hex, share: 1, role: "ground" }],
    finish: "matte smooth",
    secondFinish: null,
    cloth: null,
    pattern: "plain",
    patternScale: 0,
    metal: "none",
    metalSize: 0,
    poles: ["classic"],
    statement: 0,
    register: { low: 3, centre: 5, high: 7 },
    unsaid: [],
    assumed: [],
    ...rest,
    kind,
    figures: { ...initialFigures(kind), ...figures },
  };
}

/** The body of the worked hem cases, with a neutral colouring and the default rule book. */
export const sampleClient: Client = {
  id: "client",
  name: "Sample",
  seated: false,
  measured: { height: 174, crotch: 83, ankle: 22.5, calf: 37.5, knee: 38.5, thigh: 55 },
  colouring: { skin: "#d9b08c", hair: "#5a4634", hairForm: null, eyes: "#4a5a4a", undertone: "neutral" },
  limits: noLimits,
  goals: noGoals,
  ruleBook: polished,
};

/** The same client with something of hers, and some answers of her rule book, otherwise. */
export function sampleClientWith(given: Partial<Client>, schools: Partial<Schools> = {}): Client {
  const { ruleBook } = sampleClient;
  return {
    ...sampleClient,
    ...given,
    ruleBook: { ...ruleBook, schools: { ...ruleBook.schools, ...schools } },
  };
}

export const sampleOccasion: Occasion = {
  id: "occasion",
  name: "a working lunch",
  place: "harbour office",
  day: "2026-10-05",
  span: { low: 4, high: 6 },
  flags: [],
  weather: "typed",
  temperature: 16,
  rain: 0.1,
  wind: 3,
  ground: "pavement",
  light: "daylight",
  mustCarry: [],
  company: "",
  onFoot: 40,
};

export function sampleLook(given: Partial<Look>): Look {
  return { client: sampleClient, garments: [], accessories: [], adjustments: [], occasion: null, ...given };
}
