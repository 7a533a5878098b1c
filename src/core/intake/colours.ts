import { clampChroma, converter, formatHex, modeLch65, modeRgb, useMode } from "culori/fn";
import { metalHex } from "../finish/metals";
import type { Kind } from "../piece/kinds";
import type { Metal } from "../finish/metals";
import type { Swatch, SwatchRole } from "../piece/swatch";
import { isMetalwork } from "./of-kind";
import type { Meaning } from "./vocabulary/entry";

useMode(modeRgb);
useMode(modeLch65);
const toLch = converter("lch65");

/** A part of a piece that a colour may be said of; of a heel no word is said that does not measure it as well. */
export type SaidPart = NonNullable<Meaning["part"]> | "heel";

/** A colour as it is said of one part of a piece. */
export interface SaidColour {
  readonly hex: string;
  readonly part: SaidPart | null;
  /** Whether the whole is meant where nothing else says its colour: "black lug-sole boots". */
  readonly perhapsWhole: boolean;
}

/** Names that say the sort of a colour, behind one that says which of the sort it is. */
const sorts: ReadonlySet<string> = new Set([
  ...["red", "orange", "yellow", "green", "blue", "purple", "pink", "brown", "beige", "white", "black"],
  ...["grey", "gray"],
]);

/** How far the hue of a colour may lie from that of its sort, degrees: petrol and turquoise are called blue and green. */
const sortReach = (sort: string) => (sort === "blue" || sort === "green" ? 70 : 40);

/** Whether a name right behind that of a colour says its sort: "midnight blue" and "slate grey" are one colour each. */
export function saysItsSort(hex: string, name: string, sort: string): boolean {
  const [one, other] = [toLch(hex), toLch(sort)];
  if (!one || !other || !sorts.has(name)) return false;
  if (name === "white") return one.l >= 88;
  if (name === "black") return one.l <= 12;
  if (name === "grey" || name === "gray") return one.c <= 14 && one.l > 15 && one.l < 93;
  const apart = Math.abs((one.h ?? 0) - (other.h ?? 0));
  return one.c >= 4 && Math.min(apart, 360 - apart) <= sortReach(name);
}

/** The depth of a colour that can hardly be paler, L*. */
const palest = 96;

/** A colour shifted by the words before it. */
export function shaded(hex: string, shades: readonly NonNullable<Meaning["shade"]>[]): string {
  const lch = toLch(hex);
  if (!lch || shades.length === 0) return hex;
  const clarity = shades.reduce((product, shade) => product * shade.clarity, 1);
  const l = shades.reduce(
    (now, { depth }) => now + (depth > 0 ? depth * Math.max(0, palest - now) : depth * now),
    lch.l,
  );
  return formatHex(clampChroma({ ...lch, l, c: lch.c * clarity }, "lch65"));
}

/** Which part of a piece each said part is, and what of it is seen of the whole. */
const roles: Readonly<Record<SaidPart, { role: SwatchRole; share: number } | null>> = {
  heel: { role: "trim", share: 0.08 },
  sole: { role: "sole", share: 0.08 },
  lace: { role: "lace", share: 0.04 },
  trim: { role: "trim", share: 0.12 },
  strap: { role: "trim", share: 0.15 },
  reverse: { role: "reverse", share: 1 },
  metal: null,
};

/** Grey that stands in until somebody says a colour. */
const unsaid = "#8a8d91";

/** What gives a piece a colour where none is said. */
export interface OwnColour {
  readonly kind: Kind;
  readonly metal: Metal;
  /** The colour of what it is made of: pearl, straw; null where that has none. */
  readonly ofMaking: string | null;
}

/** The colour of what it is made of, and of jewellery and frames that of their metal; null where neither has one. */
function colourOf({ kind, metal, ofMaking }: OwnColour): string | null {
  if (ofMaking) return ofMaking;
  return isMetalwork(kind) && metal !== "none" && metal !== "unknown" ? metalHex[metal] : null;
}

/** Whether something says the colour of the whole: a word, or what it is made of. */
export function saysColour(said: readonly SaidColour[], own: OwnColour): boolean {
  return settled(said).some(({ part }) => part === null) || colourOf(own) !== null;
}

/** The colours with the part each is of: where none is of the whole, the last that may be is. */
function settled(said: readonly SaidColour[]): readonly SaidColour[] {
  if (said.some(({ part }) => part === null)) return said;
  const whole = said.findLast(({ perhapsWhole }) => perhapsWhole);
  return said.map((colour) => (colour === whole ? { ...colour, part: null } : colour));
}

/**
 * The swatches of what was said: the first colour is the ground, others of no part are its motif; without one it has that
 * of what it is made of.
 */
export function swatchesOf(colours: readonly SaidColour[], own: OwnColour): Swatch[] {
  const said = settled(colours);
  const grounds = said.filter(({ part }) => part === null).map(({ hex }) => hex);
  if (grounds.length === 0) grounds.push(colourOf(own) ?? unsaid);
  const parts = said.flatMap(({ hex, part }) => {
    const role = part && roles[part];
    return role ? [{ hex, ...role }] : [];
  });
  const taken = parts.reduce((sum, { role, share }) => sum + (role === "reverse" ? 0 : share), 0);
  const first = grounds.length === 1 ? 1 : 0.6;
  const body = grounds.map((hex, i): Swatch => {
    const share = i === 0 ? first : (1 - first) / (grounds.length - 1);
    return { hex, share: share * (1 - taken), role: i === 0 ? "ground" : "motif" };
  });
  return [...body, ...parts].slice(0, 12);
}
