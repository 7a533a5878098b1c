import { sayLength, trimmed, type LengthUnit } from "../length/length";
import type { Unit } from "../rule-book/params";
import type { Figure, Finding } from "../rules/finding";

const sayers: Record<Exclude<Unit, "cm">, (value: number) => string> = {
  dE: (value) => `dE ${trimmed(value, 1)}`,
  "L*": (value) => `${trimmed(value, 0)} L*`,
  "C*": (value) => `${trimmed(value, 0)} C*`,
  "b*": (value) => `${trimmed(value, 1)} b*`,
  share: (value) => `${trimmed(value * 100, 0)} %`,
  step: (value) => trimmed(value, 1),
  count: (value) => trimmed(value, 0),
  ratio: (value) => trimmed(value, 2),
  den: (value) => `${trimmed(value, 0)} den`,
  "m/s": (value) => `${trimmed(value, 0)} m/s`,
  level: (value) => trimmed(value, 0),
  degC: (value) => `${trimmed(value, 0)} °C`,
  clo: (value) => `${trimmed(value, 2)} clo`,
  boldness: (value) => trimmed(value, 0),
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

/** A finding's sentence with its names and figures filled in. */
export function phrase(finding: Finding, lengths: LengthUnit): string {
  const text = finding.say.replace(/\{(\w+)\}/g, (_, key: string) => {
    const figure = finding.figures[key];
    if (figure) return sayValue(figure.value, figure.unit, lengths);
    const name = finding.names[key] ?? "";
    return properNames.has(key) ? name : withinSentence(name);
  });
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** Names that keep their capital: people and occasions. */
const properNames: ReadonlySet<string> = new Set(["client", "occasion"]);

/** The name of a piece, or a list of them, as it stands within a sentence. */
function withinSentence(names: string): string {
  return names.replace(
    /(^|, )([A-Z])(?=[a-z])/g,
    (_, before: string, letter: string) => before + letter.toLowerCase(),
  );
}
