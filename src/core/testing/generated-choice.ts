import { dressCodeFlags, grounds, type Occasion } from "../piece/occasion";
import { adjust, optionsAmong, type Adjustment } from "../piece/adjustment";
import { adjustmentKinds } from "../piece/adjustments";
import type { Client } from "../piece/client";
import type { Kind } from "../piece/kinds";
import type { Look } from "../piece/look";
import type { Piece } from "../piece/piece";
import { schoolQuestions, type Schools } from "../rule-book/schools";
import { polished, type RuleBook } from "../rule-book/rule-book";
import { generatedWardrobe, numbersFrom } from "./generated";
import { sample, sampleClient, sampleOccasion } from "./sample";

/** A base for somebody and an occasion, with accessories to choose from. */
export interface Choice {
  /** The base alone. */
  readonly base: Look;
  readonly wardrobe: readonly Piece[];
}

/** Every kind of accessory. */
export const accessoryKinds = [
  "shoe",
  "bag",
  "belt",
  "scarf",
  "earrings",
  "necklace",
  "bracelet",
  "hosiery",
  "hat",
  "gloves",
  "brooch",
  "pocket square",
  "ring",
  "watch",
  "eyewear",
  "umbrella",
  "hair piece",
] as const satisfies readonly Kind[];

const hexes = [
  "#1d2742",
  "#17181a",
  "#1b1d24",
  "#6d3f26",
  "#2450c0",
  "#c4922f",
  "#8f949b",
  "#6b1f2f",
  "#efe6cf",
  "#f7f9fb",
  "#d9b08c",
  "#c6c9cc",
  "#a5482a",
] as const;

/** A made-up choice: the same seed gives the same. Occasions, limits, schools, rain and prints come and go. */
export function generatedChoice(seed: number, kinds: readonly Kind[], each: number): Choice {
  const next = numbersFrom(50_000 + seed);
  const one = <T>(list: readonly T[]): T => list[Math.floor(next() * list.length)] as T;
  const wardrobe = generatedWardrobe(kinds, each, seed).map((piece) => varied(piece, next, one));
  return {
    base: {
      client: someClient(next, one),
      garments: someGarments(next, one),
      accessories: [],
      adjustments: [],
      occasion: next() < 0.5 ? someOccasion(next, one) : null,
    },
    wardrobe,
  };
}

/** The same with some of its pieces worn in one way or another, of those on the base and of those to choose from. */
export function wornInWays({ base, wardrobe }: Choice, seed: number): Choice {
  const next = numbersFrom(90_000 + seed);
  const pieces = [...base.garments, ...wardrobe];
  const adjustments = pieces.reduce((done: readonly Adjustment[], piece) => {
    const ways = adjustmentKinds.flatMap((kind): readonly Adjustment[] => optionsAmong(kind, piece, pieces));
    const way = next() < 0.5 ? ways[Math.floor(next() * ways.length)] : undefined;
    return way ? adjust(done, way) : done;
  }, base.adjustments);
  return { base: { ...base, adjustments }, wardrobe };
}

type Next = () => number;
type One = <T>(list: readonly T[]) => T;

function someGarments(next: Next, one: One): Piece[] {
  const centre = () => ({ low: 2 + next() * 3, centre: 5, high: 5.5 + next() * 3 });
  const print = next() < 0.25;
  const printed = (name: string) => ({
    name,
    swatches: [
      { hex: one(hexes), share: 0.6, role: "ground" as const },
      { hex: one(hexes), share: 0.4, role: "motif" as const },
    ],
    pattern: "floral" as const,
    patternScale: 4,
    statement: 2 as const,
    register: centre(),
  });
  const plain = (name: string) => ({ name, hex: one(hexes), register: centre() });
  const jacket = sample("jacket", {
    ...plain("jacket"),
    finish: one(["brushed", "canvas", "denim"] as const),
    figures: { closed: next() < 0.5 },
  });
  const over = next() < 0.35 ? [jacket] : [];
  if (next() < 0.25)
    return [
      sample("dress", {
        ...(print ? printed("dress") : plain("dress")),
        figures: { length: 95 + next() * 30, neckline: one(["crew", "v", "boat"] as const) },
      }),
      ...over,
    ];
  const top = sample("top", {
    ...(print ? printed("top") : plain("top")),
    finish: one(["knit", "matte smooth", "satin", "denim"] as const),
    figures: { tucked: next() < 0.7, neckline: one(["crew", "v", "scoop", "roll", "shirt collar"] as const) },
  });
  const skirt = sample("skirt", {
    ...plain("skirt"),
    figures: { length: 40 + next() * 60, cut: one(["pencil", "a-line"] as const) },
  });
  const trousers = sample("trousers", {
    ...plain("trousers"),
    finish: one(["denim", "canvas", "matte smooth"] as const),
    figures: {
      inseam: 58 + next() * 26,
      opening: 28 + next() * 26,
      above: 30 + next() * 24,
      leg: one(["straight", "narrow", "wide", "flared"] as const),
    },
  });
  return [next() < 0.6 ? trousers : skirt, top, ...over];
}

function someClient(next: Next, one: One): Client {
  const may = <T>(value: T, none: T): T => (next() < 0.15 ? value : none);
  return {
    ...sampleClient,
    measured: { ...sampleClient.measured, neck: 36, hip: 100, ...(next() < 0.7 ? { waist: 76 } : {}) },
    colouring: { ...sampleClient.colouring, undertone: one(["warm", "neutral", "cool"] as const) },
    limits: {
      ...sampleClient.limits,
      heel: may(4, null),
      noLeather: may(true, false),
      clipEarrings: may(true, false),
      nothingLoose: may(true, false),
      coveredAnkles: may(true, false),
    },
    goals: {
      longerLegLine: next() < 0.3,
      moreWaist: next() < 0.3,
      bagLands: next() < 0.3 ? one(["waist", "hip", "high hip"] as const) : null,
    },
    ruleBook: someBook(one),
  };
}

/** A rule book that answers every question of the schools one way or another. */
function someBook(one: One): RuleBook {
  const answered = Object.entries(schoolQuestions).map(([name, { choices }]) => [
    name,
    one(Object.keys(choices)),
  ]);
  return { ...polished, schools: Object.fromEntries(answered) as Schools };
}

function someOccasion(next: Next, one: One): Occasion {
  const low = 2 + Math.floor(next() * 5);
  return {
    ...sampleOccasion,
    span: { low, high: low + 1 + Math.floor(next() * 2) },
    flags: next() < 0.4 ? [one(dressCodeFlags)] : [],
    temperature: Math.round(next() * 32 - 4),
    rain: next() < 0.3 ? 0.8 : 0.1,
    wind: next() < 0.3 ? 9 : 2,
    ground: one(grounds),
    light: one(["daylight", "evening"] as const),
    mustCarry: next() < 0.3 ? ["phone", "keys"] : [],
    onFoot: one([10, 40, 120]),
  };
}

/** Figures that are drawn anew for each piece of a kind; the others are as they are to begin with. */
const shapes: Partial<Record<Kind, (next: Next, one: One) => object>> = {
  necklace: (next) => ({ loop: 38 + next() * 50 }),
  hosiery: (_, one) => ({ form: one(["tights", "ankle sock", "crew sock"]), denier: one([10, 40, 80]) }),
  scarf: (_, one) => ({ worn: one(["draped", "wrapped", "tied as a bow", "tied at the front"]) }),
  hat: (next) => ({ brim: next() * 12 }),
  bag: (next, one) => ({
    width: 14 + next() * 30,
    height: 10 + next() * 24,
    carry: one(["shoulder", "cross-body", "hand"]),
  }),
  shoe: shoeFigures,
};

/** A piece with figures of its own, and now and then a print, or nothing said of its level. */
function varied(piece: Piece, next: Next, one: One): Piece {
  return {
    ...piece,
    register: next() < 0.05 ? null : piece.register,
    ...print(next, one),
    figures: { ...piece.figures, ...shapes[piece.kind]?.(next, one) },
  } as Piece;
}

function print(next: Next, one: One): Partial<Piece> {
  if (next() > 0.12) return {};
  return {
    swatches: [
      { hex: one(hexes), share: 0.6, role: "ground" },
      { hex: one(hexes), share: 0.4, role: "motif" },
    ],
    pattern: "floral",
    patternScale: 1 + next() * 6,
    statement: 2,
  };
}

function shoeFigures(next: Next, one: One): Partial<Extract<Piece, { kind: "shoe" }>["figures"]> {
  const lift = 1 + next() * 7;
  if (next() < 0.6)
    return {
      lift,
      form: one(["pump", "loafer", "trainer", "sandal"] as const),
      tip: one(["flat", "block", "stiletto"] as const),
      soleBulk: one(["fine", "middling", "heavy"] as const),
    };
  return {
    lift,
    form: "boot",
    shaft: 8 + next() * 30,
    shaftTop: 24 + next() * 14,
    toe: one(["round", "almond", "pointed"] as const),
  };
}
