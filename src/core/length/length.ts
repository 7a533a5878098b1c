/** The studio's unit of length. */
export const lengthUnits = ["cm", "in"] as const;
export type LengthUnit = (typeof lengthUnits)[number];

export const cmPerInch = 2.54;

/** A length as the studio writes it: "12.5 cm", or to the quarter inch: "4 3/4 in". */
export function sayLength(cm: number, unit: LengthUnit): string {
  return `${bareLength(cm, unit)} ${unit}`;
}

/** A length without its unit, as it stands in a field: "12.5", "4 3/4". */
export function bareLength(cm: number, unit: LengthUnit): string {
  if (unit === "cm") return trimmed(cm, 1);
  const quarters = Math.round((Math.abs(cm) / cmPerInch) * 4);
  const whole = Math.floor(quarters / 4);
  const part = ["", "1/4", "1/2", "3/4"][quarters % 4];
  const text = part ? (whole > 0 ? `${whole} ${part}` : part) : String(whole);
  return cm < 0 && quarters > 0 ? `-${text}` : text;
}

/** A number to so many digits, without trailing zeros and without "-0". */
export function trimmed(value: number, digits: number): string {
  const text = value.toFixed(digits);
  return Number(text) === 0 ? "0" : digits > 0 ? text.replace(/\.?0+$/, "") : text;
}
