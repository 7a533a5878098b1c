import { putInOrder } from "../lists/put-in-order";
import { speaks, specOf } from "../piece/piece";
import type { Pull as KindPull } from "../piece/kinds/define-kind";
import type { RegisterSpan } from "../register/ladder";
import type { Worn } from "./dressed";

/**
 * Where a look stands: what its garments allow, and where its accessories have taken it (docs/model.md, Formality).
 */
export interface Placing {
  /** Level of the look, 1-9. */
  readonly level: number;
  /** Level of the garments by themselves; of the accessories where there are none. */
  readonly base: number;
  /** The levels between which accessories can take the base; null without garments. */
  readonly span: Span | null;
}

/** One accessory's part in placing the base. */
export interface Pull {
  readonly item: Levelled;
  /** How far its own level lies from the base's, steps. */
  readonly away: number;
  /** How far it alone takes the look, steps; negative towards off duty. */
  readonly steps: number;
}

/** A piece whose level has been said: of the others nothing is known, and they move nothing. */
export type Levelled = Worn & {
  readonly centre: number;
  readonly piece: { readonly register: RegisterSpan };
};

/** Whether anybody has said where a piece is at home. */
export function isLevelled(item: Worn): item is Levelled {
  return item.centre !== null && item.piece.register !== null;
}

interface Span {
  readonly low: number;
  readonly high: number;
}

/** Weights of a statement jewel, of any other, and how many of the others are heard. */
const statement = { from: 2, weight: 0.2 } as const;
export const small = { weight: 0.08, heard: 3 } as const;
/** How far plain cloth reaches beyond its own span, steps. */
const plainReach = 1;

/**
 * Accessories place the base (docs/model.md, Formality): level = base + S min(1, sum w) / sum w with S = sum of w x
 * (centre - base) over the accessories that are seen, kept within the base's span. Base and span are means of the
 * garments' own by visible area; plain cloth of one colour reaches a step further each way.
 * @returns null for an empty look, and where nobody has said the level of anything in it
 */
export function placingOf(worn: readonly Worn[]): Placing | null {
  const garments: Levelled[] = [];
  const accessories: Levelled[] = [];
  for (const item of worn) {
    if (!isLevelled(item)) continue;
    if (item.place === null && item.seen.length > 0) accessories.push(item);
    else if (item.place !== null && item.area > 0) garments.push(item);
  }
  const own = mean(garments, ({ centre }) => centre) ?? weighedCentre(accessories);
  if (own === null) return null;
  const base = settled(own);
  const span = spanOf(garments);
  return { level: span ? pulledTo({ base, span }, accessories, null) : base, base, span };
}

/** Where a base stands with some accessories, one of them left out, within its span. */
function pulledTo(
  { base, span: { low, high } }: { readonly base: number; readonly span: Span },
  accessories: readonly Worn[],
  without: Worn | null,
): number {
  let pull = 0;
  let weight = 0;
  let faint: Levelled[] | null = null;
  for (const item of accessories) {
    if (item === without || !isLevelled(item)) continue;
    const own = weightOf(item, specOf(item.piece).pull);
    if (own === "small") (faint ??= []).push(item);
    else if (own > 0) {
      pull += own * (item.centre - base);
      weight += own;
    }
  }
  for (const item of farthest(faint ?? none, base)) {
    pull += small.weight * (item.centre - base);
    weight += small.weight;
  }
  return settled(Math.min(high, Math.max(low, base + pull * scaleOf(weight))));
}

const none: Levelled[] = [];

/**
 * The level of a look without one of its accessories: what its garments make of it stays as it is.
 * @returns null where nothing that is left says a level
 */
export function levelWithout(
  item: Worn,
  { placing, accessories }: { readonly placing: Placing | null; readonly accessories: readonly Worn[] },
): number | null {
  if (placing?.span) return pulledTo({ base: placing.base, span: placing.span }, accessories, item);
  const isLeft = (other: Worn): other is Levelled => other !== item && isLevelled(other);
  const centre = weighedCentre(accessories.filter(isLeft));
  return centre === null ? null : settled(centre);
}

/** What each accessory does to the level of a look that is placed, the strongest first. */
export function pullsOf(worn: readonly Worn[], { base }: Placing): Pull[] {
  const heard = heardFrom(
    worn.filter((item) => isLevelled(item) && item.place === null && item.seen.length > 0) as Levelled[],
    base,
  );
  const scale = scaleOf(heard.reduce((sum, { weight }) => sum + weight, 0));
  return heard
    .map(({ item, weight }): Pull => {
      const away = item.centre - base;
      return { item, away, steps: weight * away * scale };
    })
    .sort((one, other) => Math.abs(other.steps) - Math.abs(one.steps) || compareIds(one.item, other.item));
}

/** How much of its weight each accessory keeps, so that all together weigh no more than the base. */
function scaleOf(weight: number): number {
  return weight > 0 ? Math.min(1, weight) / weight : 0;
}

/** Takes the dust of floating point off a level: in what order pieces were added up must not matter. */
function settled(level: number): number {
  return Math.round(level * 1e9) / 1e9;
}

/** The levels a garment reaches in a look: its own span, a step more each way for plain cloth of one colour. */
export function reachOf({ piece: { register, statement: says, pattern }, profile }: Levelled): Span {
  let colours = 0;
  for (const { role } of profile.tints) if (role === "ground" || role === "motif") colours += 1;
  const reach = says === 0 && pattern === "plain" && colours <= 1 ? plainReach : 0;
  return { low: Math.max(1, register.low - reach), high: Math.min(9, register.high + reach) };
}

function spanOf(garments: readonly Levelled[]): Span | null {
  let low = 0;
  let high = 0;
  let area = 0;
  for (const item of garments) {
    const reach = reachOf(item);
    low += item.area * reach.low;
    high += item.area * reach.high;
    area += item.area;
  }
  return area > 0 ? { low: low / area, high: high / area } : null;
}

/** An accessory that places the base, with its weight. */
interface Heard {
  readonly item: Levelled;
  readonly weight: number;
}

/** The accessories that place the base with their weights: of jewellery without a statement the farthest few. */
function heardFrom(worn: readonly Levelled[], base: number): Heard[] {
  const heard: Heard[] = [];
  const faint: Levelled[] = [];
  for (const item of worn) {
    const weight = weightOf(item, specOf(item.piece).pull);
    if (weight === "small") faint.push(item);
    else if (weight > 0) heard.push({ item, weight });
  }
  for (const item of farthest(faint, base)) heard.push({ item, weight: small.weight });
  return heard;
}

/** Of what is barely heard the few that lie farthest from the base. */
function farthest(faint: Levelled[], base: number): readonly Levelled[] {
  if (faint.length <= small.heard) return faint;
  return putInOrder(
    faint,
    (one, other) => Math.abs(other.centre - base) - Math.abs(one.centre - base) || compareIds(one, other),
  ).slice(0, small.heard);
}

function weightOf({ piece }: Worn, pull: KindPull | undefined): number | "small" {
  if (pull === undefined) return 0;
  if (typeof pull === "number") return pull;
  return pull === "jewellery" && speaks(piece, statement.from) ? statement.weight : "small";
}

/** What an accessory weighs beside the base, and whether it is one of those of which only the farthest few are heard. */
export function weightBeside(item: Worn): { readonly weight: number; readonly faint: boolean } {
  const weight = weightOf(item, specOf(item.piece).pull);
  return weight === "small" ? { weight: small.weight, faint: true } : { weight, faint: false };
}

/** Accessories without any garment stand where they stand themselves. */
function weighedCentre(worn: readonly Levelled[]): number | null {
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
function mean(garments: readonly Levelled[], of: (item: Levelled) => number): number | null {
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
