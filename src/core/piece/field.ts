import type { ClothPicture } from "../scarf/picture";

/** Of which pieces a figure is asked: those of which another figure is one of these, or is there at all. */
export interface Applies {
  readonly figure: string;
  readonly is: readonly string[] | "there";
}

/**
 * The figures a kind of piece is recorded with, as data: types, checks, forms and documents all read
 * these descriptions, so that a figure is declared once.
 */
export interface NumberField {
  readonly type: "number";
  readonly label: string;
  /** cm is shown in the studio's unit; the others as they are. */
  readonly unit: "cm" | "g" | "den" | "mm" | "0-1" | "level" | "count";
  readonly min: number;
  readonly max: number;
  /** What is usual, and stands in until somebody says; null where a piece need not have it. */
  readonly initial: number | null;
  /** Whether a piece may not have it. */
  readonly optional: boolean;
  /** Only whole numbers. */
  readonly whole?: true;
  readonly help?: string;
  /** Declared after pieces were first recorded: where it is missing, the initial value stands in. */
  readonly added?: true;
  readonly only?: Applies;
}

export interface ChoiceField<C extends string = string> {
  readonly type: "choice";
  readonly label: string;
  readonly options: readonly C[];
  readonly initial: C;
  readonly help?: string;
  readonly added?: true;
  readonly only?: Applies;
}

export interface FlagField {
  readonly type: "flag";
  readonly label: string;
  readonly initial: boolean;
  readonly help?: string;
  readonly added?: true;
  readonly only?: Applies;
}

/** The cloth's own picture, cell by cell; none where nobody has drawn it. */
export interface PictureField {
  readonly type: "picture";
  readonly label: string;
  readonly initial: null;
  readonly help?: string;
  readonly added?: true;
  readonly only?: Applies;
}

export type Field = NumberField | ChoiceField | FlagField | PictureField;
export type Fields = Readonly<Record<string, Field>>;

type ValueOf<F extends Field> =
  F extends ChoiceField<infer C>
    ? C
    : F extends FlagField
      ? boolean
      : F extends PictureField
        ? ClothPicture | null
        : F extends { optional: true }
          ? number | null
          : number;

export type FiguresOf<F extends Fields> = { readonly [name in keyof F]: ValueOf<F[name]> };

type Required = NumberField & { readonly optional: false };
type Optional = NumberField & { readonly optional: true };

/** The least and the most of a figure. */
type Range = readonly [min: number, max: number];

/** A length in cm that every such piece has. */
export function length(label: string, [min, max]: Range, initial: number, help?: string): Required {
  return { ...base(label, [min, max, "cm"], initial, help), optional: false };
}

/** A length in cm that a piece may not have. */
export function maybeLength(label: string, [min, max]: Range, help?: string): Optional {
  return { ...base(label, [min, max, "cm"], null, help), optional: true };
}

/** A number of another unit that every such piece has. */
export function amount(label: string, range: RangeOf, initial: number, help?: string): Required {
  return { ...base(label, range, initial, help), optional: false };
}

/** A whole number that every such piece has. */
export function whole(
  label: string,
  [min, max]: Range,
  initial: number,
): Required & { readonly whole: true } {
  return { ...base(label, [min, max, "count"], initial), optional: false, whole: true };
}

export function choice<const C extends string>(
  label: string,
  options: readonly [C, ...C[]],
  help?: string,
): ChoiceField<C> {
  const field = { type: "choice", label, options, initial: options[0] } as const;
  return help === undefined ? field : { ...field, help };
}

export function flag(label: string, initial = false, help?: string): FlagField {
  const field = { type: "flag", label, initial } as const;
  return help === undefined ? field : { ...field, help };
}

export function picture(label: string, help?: string): PictureField {
  const field = { type: "picture", label, initial: null } as const;
  return help === undefined ? field : { ...field, help };
}

/** Marks a figure that was declared after pieces were first recorded. */
export function added<F extends Field>(field: F): F & { readonly added: true } {
  return { ...field, added: true };
}

/** Says of which pieces a figure is asked; of the others a form does not show it. */
export function onlyWhere<F extends Field>(
  figure: string,
  is: Applies["is"],
  field: F,
): F & { readonly only: Applies } {
  return { ...field, only: { figure, is } };
}

/** Whether a figure is asked of a piece: what has been said of one that it goes against is still shown. */
export function isAsked(
  field: Field,
  name: string,
  figures: Readonly<Record<string, unknown>>,
  fields: Fields,
): boolean {
  if (!field.only) return true;
  const { figure, is } = field.only;
  const [own, other] = [figures[name], figures[figure]];
  if (own !== null && own !== undefined && own !== field.initial) return true;
  if (is !== "there") return is.includes(other as string);
  const of = fields[figure];
  // A measure that every such piece has is there although nobody has said it.
  if (other === null || other === undefined) return of?.type === "number" && !of.optional;
  return other !== 0;
}

/** A range with its unit. */
type RangeOf = readonly [...Range, unit: NumberField["unit"]];

function base(label: string, [min, max, unit]: RangeOf, initial: number | null, help?: string) {
  const field = { type: "number", label, unit, min, max, initial } as const;
  return help === undefined ? field : { ...field, help };
}
