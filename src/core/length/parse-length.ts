import { cmPerInch, type LengthUnit } from "./length";

const written = /^(-)?\s*(?:(\d+(?:[.,]\d+)?)(?:\s+(\d+)\/(\d+))?|(\d+)\/(\d+))\s*(cm|mm|in|")?$/i;

/**
 * Reads a length as it is written: "12.5", "12,5 cm", "125 mm", "10 1/2 in", '3/4"'. A bare number is in
 * the studio's unit.
 * @returns cm, or null when the text is not a length
 */
export function parseLength(text: string, unit: LengthUnit): number | null {
  const found = written.exec(text.trim());
  if (!found) return null;
  const [, minus, whole, over, under, loneOver, loneUnder, given] = found;
  const fraction = part(over, under) + part(loneOver, loneUnder);
  const value = Number((whole ?? "0").replace(",", ".")) + fraction;
  if (!Number.isFinite(value)) return null;
  const size = value * cmIn((given ?? unit).toLowerCase());
  return minus ? -size : size;
}

function part(over: string | undefined, under: string | undefined): number {
  return over === undefined || under === undefined ? 0 : Number(over) / Number(under);
}

function cmIn(unit: string): number {
  if (unit === "cm") return 1;
  return unit === "mm" ? 0.1 : cmPerInch;
}
