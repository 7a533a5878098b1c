import type { RuleBook } from "./rule-book";
import type { SchoolName } from "./schools";

/** One thing set otherwise in a rule book. */
export type BookChange =
  | { readonly kind: "school"; readonly school: SchoolName; readonly choice: string }
  | { readonly kind: "param"; readonly rule: string; readonly param: string; readonly value: number | null }
  | { readonly kind: "weight"; readonly rule: string; readonly weight: number | null };

/** The book after a change; a value of null goes back to the default. */
export function changeBook(book: RuleBook, change: BookChange): RuleBook {
  switch (change.kind) {
    case "school":
      return { ...book, schools: { ...book.schools, [change.school]: change.choice } };
    case "param": {
      const own = set(book.params[change.rule] ?? {}, change.param, change.value);
      const params = set(book.params, change.rule, Object.keys(own).length > 0 ? own : null);
      return { ...book, params };
    }
    case "weight":
      return { ...book, weights: set(book.weights, change.rule, change.weight) };
  }
}

function set<T>(record: Readonly<Record<string, T>>, name: string, value: T | null): Record<string, T> {
  const rest = Object.fromEntries(Object.entries(record).filter(([key]) => key !== name));
  return value === null ? rest : { ...rest, [name]: value };
}
