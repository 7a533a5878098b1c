import { difference } from "../../colour/difference";
import { isSkinTone, passesForSkin } from "../../colour/family";
import type { Patch, Worn } from "../../dressing/dressed";
import { hides } from "../../piece/piece";
import type { PairView } from "../../dressing/pair";
import { middleOf } from "../../length/interval";
import type { Tint } from "../../dressing/profile";
import { param, valuesOf, type Values } from "../../rule-book/params";
import type { RuleBook } from "../../rule-book/rule-book";
import { sideBySide } from "../reads";

export const echoParams = {
  distance: param(12, "dE", "how near another swatch must come to answer"),
  nearly: param(3, "dE", "how much further off it still keeps a colour from standing alone"),
  minShare: param(0.05, "share", "least share of a piece that counts"),
  browns: param(20, "dE", "the same for one brown leather and another"),
  large: param(0.3, "share", "share of a piece from which one of its neutrals meets another's"),
  met: param(0.1, "share", "share of a piece from which one of its colours joins two blocks"),
  apart: param(6, "cm", "least difference of height between the two places"),
  grey: param(14, "C*", "a neutral under this chroma is a grey, among which a brown stands out"),
  light: param(82, "L*", "a neutral from this depth on is a white"),
  dark: param(45, "L*", "under this a colour is one of the darks among which a white stands out"),
} as const;

export type EchoLimits = Values<typeof echoParams>;

/** What a rule book takes for an answer, for the rules beside the echo's own. */
export function echoLimitsOf(book: RuleBook): EchoLimits {
  return valuesOf("colour.echo", echoParams, book);
}

/** A colour that comes in with an accessory, with what comes nearest to it at another height. */
export interface Entry {
  readonly item: Worn;
  readonly tint: Tint;
  readonly nearest: { readonly item: Worn; readonly distance: number } | null;
  readonly answered: boolean;
  /** Neither answered nor nearly so. */
  readonly alone: boolean;
}

/** The entries of a look, by its palette. */
interface KnownEntries {
  readonly palette: PairView["palette"];
  readonly entries: readonly Entry[];
}

/** The entries of the looks read last, the one after another in a ring: the accent is read from them after the echo. */
const lately: KnownEntries[] = [];
let next = 0;
/** Where the entries of the next look are looked for first: looks are asked for in the order in which they were read. */
let likely = 0;

/** Every colour that comes in with an accessory and wants an answer, by the limits of the echo in the rule book. */
export function entriesIn(dressed: PairView): readonly Entry[] {
  for (let i = 0; i < lately.length; i += 1) {
    const at = (likely + i) % lately.length;
    const known = lately[at];
    if (known?.palette !== dressed.palette) continue;
    likely = at + 1;
    return known.entries;
  }
  return entriesOf(dressed, echoLimitsOf(dressed.look.client.ruleBook));
}

/** The same by limits that are at hand. */
export function entriesOf(pair: PairView, limits: EchoLimits): Entry[] {
  const entries: Entry[] = [];
  lately[next] = { palette: pair.palette, entries };
  next = (next + 1) % sideBySide;
  const others = mayAnswer(pair, limits);
  for (const patch of pair.palette) {
    if (!enters(pair, patch, limits)) continue;
    const { item, tint } = patch;
    const nearest = nearestTo(others, patch, limits);
    const within = nearest ? withinOf(tint, nearest.tint, limits) : 0;
    const distance = nearest?.distance ?? Infinity;
    const alone = distance > within + limits.nearly;
    entries.push({ item, tint, nearest, answered: distance <= within, alone });
  }
  return entries;
}

/** How near two colours must come to answer one another: brown answers brown from further off. */
export function withinOf(one: Tint, other: Tint, { browns, distance }: EchoLimits): number {
  return isBrown(one) && isBrown(other) ? browns : distance;
}

function enters(pair: PairView, patch: Patch, limits: EchoLimits): boolean {
  const { item, tint } = patch;
  const { piece } = item;
  if (item.slot === null || tint.share < limits.minShare || tint.role === "sole") return false;
  if (item.place !== null || piece.kind === "eyewear" || isMetallic(item)) return false;
  if (tint.neutral && !standsOut(pair, patch, limits)) return false;
  const { skin } = pair.look.client.colouring;
  if (piece.kind === "hosiery") return !passesForSkin(tint.shade, skin);
  return piece.kind !== "shoe" || !isSkinTone(tint.shade, skin);
}

/** A neutral stands out where all else is of another sort: a brown among greys, a white among darks. */
function standsOut({ worn, palette }: PairView, { item, tint }: Patch, limits: EchoLimits): boolean {
  if (worn.length < 2) return false;
  const { light, dark, grey } = limits;
  const brown = isBrown(tint);
  if (!brown && (tint.shade.L < light || !worn.some((other) => isDarkGarment(other, dark)))) return false;
  for (const other of palette) {
    if (other.item === item) continue;
    const { shade, neutral } = other.tint;
    const lets = brown
      ? isBrown(other.tint) || (neutral && shade.C < grey)
      : shade.L < dark || (neutral && shade.L >= light);
    if (!lets) return false;
  }
  return true;
}

function isDarkGarment({ place, profile: { ground } }: Worn, dark: number): boolean {
  return place !== null && ground !== null && ground.shade.L < dark;
}

export function isBrown({ family }: Tint): boolean {
  return family === "brown" || family === "tan";
}

/** Metal is read by the metal story, whatever its size, and never by colour. */
export function isMetallic({ piece, profile }: Worn): boolean {
  return piece.finish === "metallic" || profile.metalWork;
}

/**
 * What may answer a colour: what is seen, with the insides that show, of turned hems and cuffs and of a layer worn open.
 * Metal answers nothing, nor does a colour that takes hardly any of its piece, but for a sole.
 */
function mayAnswer({ palette, visible }: PairView, { minShare }: EchoLimits): readonly Patch[] {
  const answering: Patch[] = [];
  for (const patch of palette) {
    const { item, tint } = patch;
    if ((tint.share >= minShare || tint.role === "sole") && !item.profile.metalWork) answering.push(patch);
  }
  for (const item of visible) {
    const { reverse, metalWork } = item.profile;
    if (!reverse || metalWork) continue;
    if (!(item.showsReverse || (item.place === "layer" && !hides(item.asWorn)))) continue;
    const at = item.showsReverse ? item.extent.from : middleOf(item.extent);
    answering.push({ item, tint: { ...reverse, share: 1 }, area: 0, at });
  }
  return answering;
}

/** The nearest of some colours that is seen at another height, on another piece. */
function nearestTo(others: readonly Patch[], from: Patch, { apart }: EchoLimits) {
  let best: Patch | null = null;
  let least = Infinity;
  for (const other of others) {
    if (other.item === from.item || Math.abs(other.at - from.at) < apart) continue;
    const distance = difference(other.tint.shade, from.tint.shade);
    if (distance > least || (distance === least && best !== null && !comesFirst(other, best))) continue;
    least = distance;
    best = other;
  }
  return best && { item: best.item, tint: best.tint, distance: least };
}

/** Of two that answer equally well a print does first, then by their ids: the order of putting on must not matter. */
function comesFirst({ item: one }: Patch, { item: other }: Patch): boolean {
  const printed = one.piece.pattern !== "plain";
  if (printed !== (other.piece.pattern !== "plain")) return printed;
  return one.piece.id < other.piece.id;
}

/** The entry that is answered best. */
export function nearestAnswer(entries: readonly Entry[]): Entry | null {
  let found: Entry | null = null;
  let least = Infinity;
  for (const entry of entries) {
    if (!entry.answered || !entry.nearest) continue;
    const { distance } = entry.nearest;
    // The order in which pieces were put on must not matter: equals go by their ids.
    const first = found !== null && distance === least && entry.item.piece.id < found.item.piece.id;
    if (distance >= least && !first) continue;
    least = distance;
    found = entry;
  }
  return found;
}
