import type { Unit } from "../rule-book/params";
import type { Figure, Finding } from "../rules/finding";

/** The studio's unit of length. */
export const lengthUnits = ["cm", "in"] as const;
export type LengthUnit = (typeof lengthUnits)[number];

const cmPerInch = 2.54;

/** A length as the studio writes it: 12.5 cm, or to the quarter inch. */
export function sayLength(cm: number, unit: LengthUnit): string {
  if (unit === "cm") return `${trim(cm, 1)} cm`;
  const quarters = Math.round((Math.abs(cm) / cmPerInch) * 4);
  const whole = Math.floor(quarters / 4);
  const part = ["", "1/4", "1/2", "3/4"][quarters % 4];
  const text = part ? (whole > 0 ? `${whole} ${part}` : part) : String(whole);
  return `${cm < 0 && quarters > 0 ? "-" : ""}${text} in`;
}

const sayers: Record<Exclude<Unit, "cm">, (value: number) => string> = {
  dE: (value) => `dE ${trim(value, 1)}`,
  "L*": (value) => `${trim(value, 0)} L*`,
  "C*": (value) => `${trim(value, 0)} C*`,
  "b*": (value) => `${trim(value, 1)} b*`,
  share: (value) => `${trim(value * 100, 0)} %`,
  step: (value) => trim(value, 1),
  count: (value) => trim(value, 0),
  ratio: (value) => trim(value, 2),
  boldness: (value) => trim(value, 0),
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
    return figure ? sayValue(figure.value, figure.unit, lengths) : (finding.names[key] ?? "");
  });
  return text.charAt(0).toUpperCase() + text.slice(1);
}

function trim(value: number, digits: number): string {
  const text = value.toFixed(digits);
  return Number(text) === 0 ? "0" : digits > 0 ? text.replace(/\.?0+$/, "") : text;
}
