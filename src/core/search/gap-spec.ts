import type { Finish } from "../finish/finishes";
import type { Metal } from "../finish/metals";
import { initialFigures } from "../piece/initial-figures";
import type { Kind } from "../piece/kinds";
import type { Piece, PieceOf } from "../piece/piece";
import type { PieceCommon } from "../piece/piece-common";
import type { Slot } from "../piece/slots";
import { levelWord } from "../register/ladder";

const colours = [
  { name: "black", hex: "#17181a" },
  { name: "navy", hex: "#1d2742" },
  { name: "chestnut", hex: "#6d3f26" },
  { name: "tan", hex: "#b98e5f" },
  { name: "slate", hex: "#565f6b" },
  { name: "ivory", hex: "#efe6cf" },
  { name: "burgundy", hex: "#6b1f2f" },
] as const;
export const gapColours = colours.map(({ name }) => name);
export type GapColour = (typeof colours)[number]["name"];
const surfaces: readonly Finish[] = ["matte smooth", "suede"];
const levels = [3, 5, 7] as const;
/** What a missing piece may be, slot by slot. */
const forms = [
  { slot: "shoe", name: "flat shoe", kind: "shoe", figures: { form: "flat", lift: 1.8, toe: "almond" } },
  {
    slot: "shoe",
    name: "block-heeled pump",
    kind: "shoe",
    figures: { form: "pump", lift: 4.5, tip: "block", toe: "almond" },
  },
  {
    slot: "shoe",
    name: "close ankle boot",
    kind: "shoe",
    figures: { form: "boot", lift: 3.5, tip: "block", toe: "almond", shaft: 8, shaftTop: 25.5 },
  },
  {
    slot: "bag",
    name: "small bag",
    kind: "bag",
    figures: { width: 24, height: 18, depth: 8, strap: 60, carry: "shoulder" },
  },
  {
    slot: "bag",
    name: "tote",
    kind: "bag",
    figures: { shape: "tote", width: 34, height: 28, depth: 12, strap: 62, carry: "shoulder" },
  },
  { slot: "belt", name: "belt", kind: "belt", figures: { width: 2.8 } },
  { slot: "hosiery", name: "opaque tights", kind: "hosiery", figures: { form: "tights", denier: 70 } },
] as const;
export const gapForms = forms.map(({ name }) => name);
export type GapForm = (typeof forms)[number]["name"];

/** What a missing piece must be, as facts to keep. */
export interface GapFacts {
  readonly form: GapForm;
  readonly colour: GapColour;
  readonly finish: Finish;
  /** Centre of its register, 1-9. */
  readonly level: number;
  readonly metal: Metal;
}

/** A piece that is missing, described by what it must be. */
export interface GapSpec {
  readonly facts: GapFacts;
  readonly slot: Slot;
  /** In words: "flat shoe, black, matte smooth, easy smart". */
  readonly say: string;
  /** A made-up piece of just that description, to read and to draw. */
  readonly piece: Piece;
}

/** The missing piece of some facts. @throws RangeError when no form or colour is called that */
export function gapSpecOf(facts: GapFacts): GapSpec {
  const { finish, level, metal } = facts;
  const form = forms.find(({ name }) => name === facts.form);
  const colour = colours.find(({ name }) => name === facts.colour);
  if (!form || !colour) throw new RangeError(`no missing piece is a ${facts.colour} ${facts.form}`);
  const { slot, kind } = form;
  const say = `${form.name}, ${colour.name}, ${finish}, ${levelWord(level)}`;
  const bare = kind === "hosiery";
  const common: PieceCommon = {
    id: `gap ${say}`,
    name: say.charAt(0).toUpperCase() + say.slice(1),
    swatches: [{ hex: colour.hex, share: 1, role: "ground" }],
    finish,
    secondFinish: null,
    cloth: null,
    pattern: "plain",
    patternScale: 0,
    metal: bare ? "none" : metal,
    metalSize: bare || metal === "none" ? 0 : 1,
    poles: ["classic"],
    statement: 0,
    register: { low: level - 1.5, centre: level, high: level + 1.5 },
  };
  return { facts, slot, say, piece: { ...common, ...figured(kind, form.figures) } as Piece };
}

/** A kind with its figures: those given, and else what a new piece starts with. */
function figured<K extends Kind>(kind: K, given: Partial<PieceOf<K>["figures"]>) {
  return { kind, figures: { ...initialFigures(kind), ...given } };
}

/** Every missing piece that is considered, with the metal the wardrobe mostly has. */
export function gapSpecs(metal: Metal): GapSpec[] {
  return forms.flatMap(({ name: form }) =>
    colours.flatMap(({ name: colour }) =>
      surfaces.flatMap((finish) => levels.map((level) => gapSpecOf({ form, colour, finish, level, metal }))),
    ),
  );
}

/** The metal that most of a wardrobe's accessories show; none when they show none. */
export function mainMetal(wardrobe: readonly Piece[]): Metal {
  const counts = new Map<Metal, number>();
  for (const { metal, metalSize } of wardrobe)
    if (metalSize > 0 && metal !== "unknown") counts.set(metal, (counts.get(metal) ?? 0) + 1);
  return [...counts].sort((one, other) => other[1] - one[1])[0]?.[0] ?? "none";
}
