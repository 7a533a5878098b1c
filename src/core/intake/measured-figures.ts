import type { Field } from "../piece/field";
import type { Kind } from "../piece/kinds";
import { specOf } from "../piece/piece";
import { bareMeasure } from "./of-kind";
import type { FoundWord } from "./read-words";

/**
 * The figures that a number in a line is: of what a word beside it names ("heel 5", "5 cm heel", "80 den"), else of what
 * its kind is measured by. None where no figure of the kind can have it.
 */
export function measuredBy(
  kind: Kind,
  { measured }: FoundWord,
  { before, after }: { readonly before: readonly FoundWord[]; readonly after: readonly FoundWord[] },
): readonly (readonly [name: string, number: number])[] {
  const { numbers, unit } = measured ?? { numbers: [], unit: null };
  const fields = specOf({ kind }).figures;
  const measureOf = (each: FoundWord | undefined) =>
    each?.meanings.map(({ measures }) => measures).find((name) => name !== undefined && name in fields);
  const [last, second] = [before[before.length - 1], before[before.length - 2]];
  // Of "5 cm heel 18 cm shaft" the heel has its number already, unless nothing else is named.
  const isTaken = Boolean(second?.measured) && measureOf(after[0]) !== undefined;
  const named = measureOf(isTaken ? after[0] : last) ?? measureOf(after[0]) ?? measureOf(second);
  const names = unit ? [unit] : named && numbers.length === 1 ? [named] : (bareMeasure[kind] ?? []);
  // A square is said by one side; of two sides either may be said first.
  const isSquare = numbers.length === 1 && !named;
  const sides = (isSquare ? [...numbers, ...numbers] : [...numbers]).sort((one, other) => other - one);
  const all = kind === "scarf" ? sides : numbers;
  return all.flatMap((number, i) => {
    const name = names[i];
    return name !== undefined && takes(fields[name], number) ? [[name, number] as const] : [];
  });
}

/** Whether a figure can have a value. */
export function takes(field: Field | undefined, value: unknown): boolean {
  if (!field) return false;
  if (field.type === "choice") return field.options.includes(value as string);
  if (field.type === "flag") return typeof value === "boolean";
  return field.type === "number" && typeof value === "number" && value >= field.min && value <= field.max;
}
