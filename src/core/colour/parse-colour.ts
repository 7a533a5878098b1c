import { clampChroma, converter, formatHex, modeHsl, modeLch65, modeRgb, parse, useMode } from "culori/fn";
import { colourNames } from "./colour-names";

useMode(modeRgb);
useMode(modeHsl);
useMode(modeLch65);
const toLch = converter("lch65");
const names = new Map(Object.entries(colourNames));

/** How much a word before a name changes its depth, in L*. */
const depths = new Map([
  ["pale", 22],
  ["light", 14],
  ["deep", -10],
  ["dark", -14],
]);

/**
 * Reads a colour as a person writes or pastes it: "navy", "Dark olive", "#2a66c8", "2a66c8", "#26c",
 * "rgb(42, 102, 200)".
 * @returns the colour as #rrggbb, or null when the text names none
 */
export function parseColour(text: string): string | null {
  const words = text.trim().toLowerCase().replace(/\s+/g, " ");
  const digits = /^#?([0-9a-f]{6}|[0-9a-f]{3})$/.exec(words)?.[1];
  if (digits) return formatHex(parse(`#${digits}`)) ?? null;
  if (/^(rgb|hsl)a?\(/.test(words)) return formatHex(parse(words)) ?? null;
  return colourNamed(words);
}

function colourNamed(words: string): string | null {
  const whole = lookUp(words);
  if (whole) return whole;
  const [first = "", ...rest] = words.split(/[ -]/);
  const [depth, name] = [depths.get(first), lookUp(rest.join(" "))];
  if (depth === undefined || !name) return null;
  const lch = toLch(name);
  if (!lch) return null;
  return formatHex(clampChroma({ ...lch, l: Math.max(3, Math.min(98, lch.l + depth)) }, "lch65"));
}

/** A name with its words together or apart: "off white", "off-white", "royal blue", "navy blue". */
function lookUp(words: string): string | null {
  const spellings = [words, words.replace(/ /g, "-"), words.replace(/-/g, " "), words.replace(/ blue$/, "")];
  return spellings.map((each) => names.get(each)).find((hex) => hex !== undefined) ?? null;
}
