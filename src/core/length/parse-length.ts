import { cmPerInch, type LengthUnit } from "./length";

const written = /^(-)?\s*(?:(\d+(?:[.,]\d+)?)(?:\s+(\d+)\/(\d+))?|(\d+)\/(\d+))\s*(cm|mm|in|")?$/i;

/** Feet and inches: 5'4", 5' 4 1/2, 5 ft 4, 5 feet 4 in. */
const feetWritten =
  /^(\d+)\s*(?:'|\u2032|\u2019|ft\.?|feet|foot)\s*(?:(\d+(?:[.,]\d+)?)?(?:\s*(\d+)\/(\d+))?\s*(?:"|\u2033|\u201d|''|in\.?|inch|inches)?)?$/i;
const inchesPerFoot = 12;

/**
 * Reads a length as it is written: "12.5", "12,5 cm", "125 mm", "10 1/2 in", '3/4"', `5'4"`, "5 ft 4". A bare number is in
 * the studio's unit.
 * @returns cm, or null when the text is not a length
 */
export function parseLength(text: string, unit: LengthUnit): number | null {
  const ofFeet = feetWritten.exec(text.trim());
  if (ofFeet) {
    const [, feet, inches, over, under] = ofFeet;
    const value =
      Number(feet) * inchesPerFoot + Number((inches ?? "0").replace(",", ".")) + part(over, under);
    return Number.isFinite(value) ? value * cmPerInch : null;
  }
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
