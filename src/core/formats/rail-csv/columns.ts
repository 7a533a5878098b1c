import type { Field } from "../../piece/field";
import { kindNames } from "../../piece/kinds";
import { specOf } from "../../piece/piece";

/** What the common columns of a rail's table hold, by the name of each. */
const common = {
  number: ["number", "id"],
  owner: ["owner", "client", "belongs to", "whose"],
  kind: ["kind", "type", "category", "sort"],
  name: ["name", "piece", "item", "article", "description", "what"],
  state: ["state", "status"],
  "back on": ["back on", "due", "due back"],
  needs: ["needs", "needs first"],
  colours: ["colours", "colour", "colors", "color", "shade"],
  finish: ["finish", "surface"],
  "second finish": ["second finish"],
  cloth: ["cloth", "material", "fabric", "made of"],
  pattern: ["pattern", "print"],
  "pattern size": ["pattern size", "repeat"],
  metal: ["metal", "hardware"],
  "metal shows": ["metal shows"],
  style: ["style", "leans"],
  "eye-catching": ["eye-catching", "statement"],
  level: ["level", "formality"],
  "level from": ["level from"],
  "level to": ["level to"],
  assumed: ["assumed"],
} as const satisfies Readonly<Record<string, readonly string[]>>;

export type CommonColumn = keyof typeof common;
const commonNames = Object.keys(common) as CommonColumn[];

/** Figures whose own names in the code are not those of a table. */
const spelled: Readonly<Record<string, string>> = {
  lift: "heel height",
  tip: "heel",
  sideA: "long side",
  sideB: "short side",
  above: "around above the hem",
  drop: "drop",
};

/** The heading of a figure's column. */
export function headOfFigure(figure: string): string {
  return spelled[figure] ?? figure.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
}

/** Every figure that a piece of some kind has, once. */
const figureNames: readonly string[] = [
  ...new Set(kindNames.flatMap((kind) => Object.keys(specOf({ kind }).figures))),
];

/** What a column holds: something every piece has, or a figure. */
export type Column =
  { readonly of: "piece"; readonly name: CommonColumn } | { readonly of: "figure"; readonly name: string };

/** All columns of a rail's table, in the order in which they stand. */
export const columns: readonly Column[] = [
  ...commonNames.map((name): Column => ({ of: "piece", name })),
  ...figureNames.map((name): Column => ({ of: "figure", name })),
];

export function headOf({ of, name }: Column): string {
  return of === "piece" ? name : headOfFigure(name);
}

/** The column that a heading of somebody's own table means; null where it is none that is known. */
export function columnCalled(heading: string): Column | null {
  const said = plain(heading);
  const own = commonNames.find((name) => common[name].some((other) => plain(other) === said));
  if (own) return { of: "piece", name: own };
  const figure = figureNames.find(
    (name) => plain(name) === said || plain(headOfFigure(name)) === said || labelsOf(name).includes(said),
  );
  return figure === undefined ? null : { of: "figure", name: figure };
}

/** What forms call a figure, over all kinds that have it. */
function labelsOf(figure: string): string[] {
  return kindNames.flatMap((kind) => {
    const field: Field | undefined = specOf({ kind }).figures[figure];
    return field ? [plain(field.label)] : [];
  });
}

function plain(text: string): string {
  return text
    .toLowerCase()
    .replace(/\(.*?\)/g, "")
    .replace(/[^\p{L}\p{N}]+/gu, " ")
    .trim();
}
