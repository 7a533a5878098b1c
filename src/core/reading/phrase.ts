import { sayLength, trimmed, type LengthUnit } from "../length/length";
import type { Unit } from "../rule-book/params";
import type { Figure, Finding } from "../rules/finding";
import { ruleOf } from "../rules/registry";
import { namesOf } from "../rules/spoken";
import { fillMessage } from "../words/message";
import { numberOf } from "../words/number";
import { called, listed } from "../words/called";

const sayers: Record<Exclude<Unit, "cm">, (value: number) => string> = {
  dE: (value) => `dE ${trimmed(value, 1)}`,
  "L*": (value) => `${trimmed(value, 0)} L*`,
  "C*": (value) => `${trimmed(value, 0)} C*`,
  "b*": (value) => `${trimmed(value, 1)} b*`,
  deg: (value) => `${trimmed(value, 0)}°`,
  share: (value) => `${trimmed(value * 100, 0)} %`,
  step: (value) => trimmed(value, 1),
  count: (value) => trimmed(value, 0),
  ratio: (value) => trimmed(value, 2),
  den: (value) => `${trimmed(value, 0)} den`,
  "m/s": (value) => `${trimmed(value, 0)} m/s`,
  level: (value) => trimmed(value, 0),
  degrees: (value) => (trimmed(value, 0) === "1" ? "one degree" : `${trimmed(value, 0)} degrees`),
  degC: (value) => `${trimmed(value, 0)} °C`,
  g: (value) => (value >= 1000 ? `${trimmed(value / 1000, 1)} kg` : `${trimmed(value, 0)} g`),
  min: (value) => `${trimmed(value, 0)} minutes`,
  clo: (value) => `${trimmed(value, 2)} clo`,
  boldness: (value) => trimmed(value, 0),
  statement: (value) => trimmed(value, 0),
  points: (value) => trimmed(value, 2),
};

/** A value with its unit, as a person reads it. */
export function sayValue(value: number, unit: Unit, lengths: LengthUnit): string {
  return unit === "cm" ? sayLength(value, lengths) : sayers[unit](value);
}

/** The limit of a figure in words: "at least 1.5 cm", "1.5 cm to 5.5 cm"; empty without one. */
export function sayLimit(figure: Figure, lengths: LengthUnit): string {
  const { limit, unit } = figure;
  if (!limit) return "";
  const say = (value: number) => sayValue(value, unit, lengths);
  if (limit.least !== null && limit.most !== null) return `${say(limit.least)} to ${say(limit.most)}`;
  if (limit.least !== null) return `at least ${say(limit.least)}`;
  return limit.most === null ? "" : `at most ${say(limit.most)}`;
}

/** The template of a finding's message, from its rule. @throws RangeError for a rule that is not known */
export function templateOf({ rule, message }: Pick<Finding, "rule" | "message">): string {
  const template = ruleOf(rule)?.messages[message];
  if (template === undefined) throw new RangeError(`no rule says "${message}" under ${rule}`);
  return template;
}

/** A finding's sentence with its names, words and figures filled in. */
export function phrase(finding: Finding, lengths: LengthUnit): string {
  const values: Record<string, string | number> = { ...finding.words };
  if (typeof values.occasion === "string") values.occasion = called(values.occasion);
  for (const [key, name] of Object.entries(namesOf(finding))) {
    const names = typeof name === "string" ? [name] : name;
    values[key] = listed(names.map(called));
    values[`${key}Count`] = names.length === 1 ? numberOf(names[0] ?? "") : 2;
  }
  for (const [key, { value, unit }] of Object.entries(finding.figures))
    values[key] = unit === "count" ? value : sayValue(value, unit, lengths);
  const text = fillMessage(templateOf(finding), values);
  return text.charAt(0).toUpperCase() + text.slice(1);
}
