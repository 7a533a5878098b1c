import type { RuleBook } from "./rule-book";

export type Unit =
  | "cm"
  | "dE"
  | "L*"
  | "C*"
  | "b*"
  | "deg"
  | "share"
  | "step"
  | "count"
  | "ratio"
  | "boldness"
  | "statement"
  | "points"
  | "den"
  | "m/s"
  | "level"
  | "degC"
  | "degrees"
  | "clo"
  | "min"
  | "g";

/** A named threshold with its default, unit and meaning. */
export interface Param {
  readonly value: number;
  readonly unit: Unit;
  readonly means: string;
}

export type Params = Readonly<Record<string, Param>>;
export type Values<P extends Params> = { readonly [name in keyof P]: number };

export function param(value: number, unit: Unit, means: string): Param {
  return { value, unit, means };
}

const defaults = new WeakMap<Params, Readonly<Record<string, number>>>();

/** The values in force for a group of parameters: the defaults, with the rule book's overrides on top. */
export function valuesOf<P extends Params>(id: string, params: P, book: RuleBook): Values<P> {
  let values = defaults.get(params);
  if (!values) {
    values = Object.fromEntries(Object.entries(params).map(([name, spec]) => [name, spec.value]));
    defaults.set(params, values);
  }
  const overrides = book.params[id];
  return (overrides ? { ...values, ...overrides } : values) as Values<P>;
}
