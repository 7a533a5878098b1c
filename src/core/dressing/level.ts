import { specOf } from "../piece/piece";
import type { Pull as KindPull } from "../piece/kinds/define-kind";
import type { Worn } from "./dressed";

/** One accessory's part in placing the base. */
export interface Pull {
  readonly item: Worn;
  /** How far its own level lies from the base's, steps. */
  readonly away: number;
  /** How far it alone takes the look, steps; negative towards off duty. */
  readonly steps: number;
}

/** Where a look stands: what its garments allow, and where its accessories have taken it (2.4). */
export interface Placing {
  /** Level of the look, 1-9. */
  readonly level: number;
  /** Level of the garments by themselves; of the accessories where there are none. */
  readonly base: number;
  /** The levels between which accessories can take the base; null without garments. */
  readonly span: Span | null;
  /** What each accessory does to it, the strongest first. */
  readonly pulls: readonly Pull[];
}

interface Span {
  readonly low: number;
  readonly high: number;
}

/** Weights of a statement jewel, of any other, and how many of the others are heard. */
const statement = { from: 2, weight: 0.2 } as const;
const small = { weight: 0.08, heard: 3 } as const;
/** How far plain cloth reaches beyond its own span, steps. */
const plainReach = 1;

/**
 * Accessories place the base (2.4): level = base + S min(1, sum w) / sum w with S = sum of w x (centre - base)
 * over the accessories that are seen, kept within the base's span. Base and span are means of the garments'
 * own by visible area; plain cloth of one colour reaches a step further each way.
 * @returns null for an empty look
 */
export function placingOf(worn: readonly Worn[]): Placing | null {
  const garments = worn.filter(({ place, area }) => place !== null && area > 0);
  const weighed = worn.filter(({ place, seen }) => place === null && seen.length > 0);
  const own = mean(garments, ({ centre }) => centre) ?? weighedCentre(weighed);
  if (own === null) return null;
  const base = settled(own);
  const span = spanOf(garments);
  const heard = heardFrom(weighed, base);
  const weight = heard.reduce((sum, each) => sum + each.weight, 0);
  const scale = weight > 0 ? Math.min(1, weight) / weight : 0;
  const pulls = heard
    .map(({ item, weight: own }): Pull => {
      const away = item.centre - base;
      return { item, away, steps: own * away * scale };
    })
    .sort((one, other) => Math.abs(other.steps) - Math.abs(one.steps) || compareIds(one.item, other.item));
  const pulled = base + pulls.reduce((sum, { steps }) => sum + steps, 0);
  const level = span ? Math.min(span.high, Math.max(span.low, pulled)) : base;
  return { level: settled(level), base, span, pulls };
}

/** Takes the dust of floating point off a level: in what order pieces were added up must not matter. */
function settled(level: number): number {
  return Math.round(level * 1e9) / 1e9;
}

/** The level alone; null for an empty look. */
export function levelOf(worn: readonly Worn[]): number | null {
  return placingOf(worn)?.level ?? null;
}

/** The levels a garment reaches in a look: its own span, a step more each way for plain cloth of one colour. */
export function reachOf({ piece: { register, statement: says, pattern }, profile }: Worn): Span {
  const seen = profile.tints.filter(({ role }) => role === "ground" || role === "motif");
  const reach = says === 0 && pattern === "plain" && seen.length <= 1 ? plainReach : 0;
  return { low: Math.max(1, register.low - reach), high: Math.min(9, register.high + reach) };
}

function spanOf(garments: readonly Worn[]): Span | null {
  const low = mean(garments, (item) => reachOf(item).low);
  const high = mean(garments, (item) => reachOf(item).high);
  return low === null || high === null ? null : { low, high };
}

/** The accessories that place the base with their weights: of jewellery without a statement the farthest few. */
function heardFrom(worn: readonly Worn[], base: number): { readonly item: Worn; readonly weight: number }[] {
  const strong: { item: Worn; weight: number }[] = [];
  const faint: Worn[] = [];
  for (const item of worn) {
    const weight = weightOf(item, specOf(item.piece).pull);
    if (weight === "small") faint.push(item);
    else if (weight > 0) strong.push({ item, weight });
  }
  const farthest = faint
    .sort(
      (one, other) => Math.abs(other.centre - base) - Math.abs(one.centre - base) || compareIds(one, other),
    )
    .slice(0, small.heard);
  return [...strong, ...farthest.map((item) => ({ item, weight: small.weight }))].sort((one, other) =>
    compareIds(one.item, other.item),
  );
}

function weightOf({ piece }: Worn, pull: KindPull | undefined): number | "small" {
  if (pull === undefined) return 0;
  if (typeof pull === "number") return pull;
  return pull === "jewellery" && piece.statement >= statement.from ? statement.weight : "small";
}

/** Accessories without any garment stand where they stand themselves. */
function weighedCentre(worn: readonly Worn[]): number | null {
  let sum = 0;
  let weight = 0;
  for (const item of worn) {
    const own = weightOf(item, specOf(item.piece).pull);
    const each = own === "small" ? small.weight : own;
    sum += each * item.centre;
    weight += each;
  }
  return weight > 0 ? sum / weight : null;
}

/** Mean by visible area; null without any. */
function mean(garments: readonly Worn[], of: (item: Worn) => number): number | null {
  let sum = 0;
  let weight = 0;
  for (const item of garments) {
    sum += item.area * of(item);
    weight += item.area;
  }
  return weight > 0 ? sum / weight : null;
}

/** The order in which pieces were put on must not matter: equals stand by their ids. */
function compareIds(one: Worn, other: Worn): number {
  return one.piece.id < other.piece.id ? -1 : one.piece.id > other.piece.id ? 1 : 0;
}
