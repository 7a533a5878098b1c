import type { Field, NumberField } from "./field";
import { initialFigures } from "./initial-figures";
import { kindNames, type Kind } from "./kinds";
import { specOf, type Piece } from "./piece";
import { typicalFigure } from "./typical";

type Said<F> = { readonly [name in keyof F]: F[name] extends number ? number | null : F[name] };

/**
 * A piece as somebody has said it, and as it is kept: a measure that nobody has given is null, or named as assumed.
 * Distributes over the kinds so that kind and figures stay together.
 */
export type PieceAsSaid = Piece extends infer P
  ? P extends Piece
    ? Omit<P, "unsaid" | "assumed" | "figures" | "photo"> & {
        readonly figures: Said<P["figures"]>;
        readonly unsaid?: never;
        /** Measures that came with what it was called and nobody has taken; left out where there are none. */
        readonly assumed?: readonly string[];
      }
    : never
  : never;

type Figures = Readonly<Record<string, unknown>>;

/** The piece as the rules read it: the usual measure stands in for each that was not said, which is named. */
export function completed(said: PieceAsSaid): Piece {
  const figures = completedFigures(said.kind, said.figures);
  const own: Figures = said.figures;
  const assumed = (said.assumed ?? []).filter((name) => !isMissing(own[name]));
  const unsaid = [...unsaidOf(said.kind, said.figures), ...assumed];
  return { ...said, figures, unsaid, assumed } as unknown as Piece;
}

/** The piece as it was said, without what stands in. */
export function asSaid({ unsaid, assumed, photo: _photo, ...piece }: Piece): PieceAsSaid {
  const missing = unsaid.filter((name) => !assumed.includes(name));
  const nothing = Object.fromEntries(missing.map((name) => [name, null]));
  const said = { ...piece, figures: { ...piece.figures, ...nothing } };
  return (assumed.length > 0 ? { ...said, assumed } : said) as PieceAsSaid;
}

/** The figures of a new piece, of whose measures nobody has said one. */
export function unsaidFigures(kind: Kind): PieceAsSaid["figures"] {
  const entries = Object.entries(specOf({ kind }).figures);
  return Object.fromEntries(
    entries.map(([name, field]) => [name, field.type === "number" ? null : field.initial]),
  ) as unknown as PieceAsSaid["figures"];
}

/** The measures of a kind that somebody has to say and has not, by their names. */
function unsaidOf(kind: Kind, figures: Figures): string[] {
  return (toBeSaid.get(kind) ?? []).filter((name) => isMissing(figures[name]));
}

/** The measures of each kind that somebody has to say, by their names. */
const toBeSaid: ReadonlyMap<Kind, readonly string[]> = new Map(
  kindNames.map((kind) => {
    const fields = Object.entries(specOf({ kind }).figures);
    return [kind, fields.filter(([, field]) => mustBeSaid(field)).map(([name]) => name)];
  }),
);

function mustBeSaid(field: Field): field is NumberField {
  return field.type === "number" && !field.optional;
}

function isMissing(value: unknown): boolean {
  return value === null || value === undefined;
}

/**
 * Figures with nothing missing: what is usual of its kind and form stands in. Where that goes against what
 * was said (a platform higher than the usual heel), the nearest measure that does not.
 */
export function completedFigures(kind: Kind, said: Figures): Figures {
  const spec = specOf({ kind });
  const fields = spec.figures;
  const missing = unsaidOf(kind, said);
  const figures: Record<string, unknown> = { ...initialFigures(kind) };
  for (const name of missing) figures[name] = typicalFigure(kind, said, name);
  for (const [name, value] of Object.entries(said)) if (!isMissing(value)) figures[name] = value;
  const passes = (tried: Figures) => !spec.check?.(tried as Readonly<Record<string, never>>);
  if (missing.length === 0 || passes(figures)) return figures;
  for (const name of missing) {
    const field = fields[name];
    if (!field || !mustBeSaid(field)) continue;
    const other = measuresBetween(field)
      .map((measure) => ({ ...figures, [name]: measure }))
      .find(passes);
    if (other) return other;
  }
  return figures;
}

const tries = 40;

/** Measures over the whole of what a field allows, those nearest to the usual one first. */
function measuresBetween({ min, max, initial }: NumberField): number[] {
  const usual = initial ?? min;
  return Array.from({ length: tries + 1 }, (_, i) => min + ((max - min) * i) / tries).sort(
    (one, other) => Math.abs(one - usual) - Math.abs(other - usual),
  );
}
