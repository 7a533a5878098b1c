import { parseColour } from "../colour/parse-colour";
import type { Finish } from "../finish/finishes";
import type { Metal } from "../finish/metals";
import { initialFigures } from "../piece/initial-figures";
import { specOf, type Piece } from "../piece/piece";
import type { PieceCommon } from "../piece/piece-common";
import type { Slot } from "../piece/slots";
import { levelWord, spanAround } from "../register/ladder";
import { gapForms, triedForms, type GapForm } from "./gap-forms";

/** The colours that are tried. */
const triedColours = ["black", "navy", "chestnut", "tan", "slate", "ivory", "burgundy"] as const;
/** The colours of what is tried, as leathers have them; any other is what it is called. */
const ownHex: Readonly<Record<(typeof triedColours)[number], string>> = {
  black: "#17181a",
  navy: "#1d2742",
  chestnut: "#6d3f26",
  tan: "#b98e5f",
  slate: "#565f6b",
  ivory: "#efe6cf",
  burgundy: "#6b1f2f",
};
const surfaces: readonly Finish[] = ["matte smooth", "suede"];
const levels = [3, 5, 7] as const;

/** What a missing piece must be, as facts to keep. */
export interface GapFacts {
  readonly form: GapForm;
  /** As it is called; a colour that can be read. */
  readonly colour: string;
  readonly finish: Finish;
  /** Centre of its register, 1-9; null where nobody has said. */
  readonly level: number | null;
  readonly metal: Metal;
  /** What its form is measured by (a belt's width, a heel's lift), cm; null where nobody has said. */
  readonly size: number | null;
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

/** The colour of a missing piece as it is called; null when nothing is called that. */
export function gapHex(colour: string): string | null {
  return (ownHex as Readonly<Record<string, string>>)[colour] ?? parseColour(colour);
}

/** What is wrong with the size of a missing piece, in one sentence; null when it can be. */
export function gapSizeFault({ form, size }: Pick<GapFacts, "form" | "size">): string | null {
  const spec = gapForms.find(({ name }) => name === form);
  const field = spec && specOf(spec).figures[spec.size[0] ?? ""];
  if (size === null || field?.type !== "number" || (size >= field.min && size <= field.max)) return null;
  return `${field.label} of the ${form} must be from ${field.min} to ${field.max} cm; ${size} is not plausible.`;
}

/** The missing piece of some facts. @throws RangeError when no form or colour is called that */
export function gapSpecOf(facts: GapFacts): GapSpec {
  const { finish, level, metal, size } = facts;
  const form = gapForms.find(({ name }) => name === facts.form);
  const hex = gapHex(facts.colour);
  if (!form || !hex) throw new RangeError(`no missing piece is a ${facts.colour} ${facts.form}`);
  const { kind } = form;
  const { slot } = specOf({ kind });
  if (!slot) throw new RangeError(`a ${facts.form} belongs to no station`);
  const say = [
    form.name,
    facts.colour,
    finish,
    ...(level === null ? [] : [levelWord(level)]),
    ...(size === null ? [] : [`${size} cm`]),
  ].join(", ");
  const bare = kind === "hosiery";
  const common: PieceCommon = {
    id: `gap ${say}`,
    name: say.charAt(0).toUpperCase() + say.slice(1),
    swatches: [{ hex, share: 1, role: "ground" }],
    finish,
    secondFinish: null,
    cloth: null,
    pattern: "plain",
    patternScale: 0,
    metal: bare ? "none" : metal,
    metalSize: bare || metal === "none" || metal === "unknown" ? 0 : 1,
    poles: ["classic"],
    statement: 0,
    register: level === null ? null : spanAround(level, null),
    unsaid: [],
    assumed: [],
  };
  const sized = size === null ? {} : Object.fromEntries(form.size.map((name) => [name, size]));
  const figures = { ...initialFigures(kind), ...form.figures, ...sized };
  return { facts, slot, say, piece: { ...common, kind, figures } as unknown as Piece };
}

/** Every missing piece that is considered, with the metal the wardrobe mostly has. */
export function gapSpecs(metal: Metal): GapSpec[] {
  return triedForms.flatMap((form) =>
    triedColours.flatMap((colour) =>
      surfaces.flatMap((finish) =>
        levels.map((level) => gapSpecOf({ form, colour, finish, level, metal, size: null })),
      ),
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
