import type { Worn } from "../../dressing/dressed";
import type { LevelRange } from "../../dressing/level-range";
import type { Dressed } from "../../dressing/dressed";
import { levelWithout, reachOf, type Levelled } from "../../dressing/level";
import { param, type Values } from "../../rule-book/params";

/** How far a piece may lie from the level of its look. */
export const spreadParams = {
  silent: param(0.25, "step", "how far outside its span the level may lie unnoticed"),
  jars: param(1, "step", "how far outside the level may lie before a garment jars"),
  over: param(1.5, "step", "how far the look without it may stand over an accessory before that jars"),
  under: param(2.5, "step", "the same under one: dressing up is sooner forgiven than dressing down"),
  sure: param(0.5, "step", "how far within that a piece must stay for a tension to be praised"),
  leans: param(0.5, "step", "how far another piece must lean the same way to answer it"),
} as const;

export interface Standing {
  readonly low: number;
  readonly high: number;
  /** The level it is held against: the look's, or that of the rest. */
  readonly against: number;
  /** By how much it passes what jars, steps; negative within it. */
  readonly excess: number;
  /** How far the level of the look lies outside its span, steps. */
  readonly outside: number;
}

/** How a piece stands to the look; null well within its reach. */
export function standingOf(
  item: Levelled,
  dressed: Dressed,
  params: Values<typeof spreadParams>,
): Standing | null {
  const level = dressed.level ?? 0;
  const { low, high } = spanOf(item);
  const outside = Math.max(low - level, level - high, 0);
  if (item.place !== null)
    return outside > params.silent
      ? { low, high, against: level, excess: outside - params.jars, outside }
      : null;
  const base = dressed.placing?.base ?? level;
  if (outside <= params.silent && isNear(item.piece.register, base, params)) return null;
  const rest = levelWithout(item, dressed) ?? level;
  const excess = Math.max(rest - high - params.over, low - rest - params.under);
  if (excess > 0) return { low, high, against: rest, excess, outside };
  if (outside > params.silent) return { low, high, against: level, excess, outside };
  return excess > -params.sure ? { low, high, against: rest, excess, outside } : null;
}

/** How far the level of a look lies outside of what a piece reaches at the least, steps. */
export function leastOutside(item: Levelled, { low, high }: LevelRange): number {
  const own = spanOf(item);
  return Math.max(own.low - high, low - own.high, 0);
}

/** How far it may lie outside at the most, steps. */
export function mostOutside(item: Levelled, { low, high }: LevelRange): number {
  const own = spanOf(item);
  return Math.max(own.low - low, high - own.high, 0);
}

/** Whether an accessory is far from its look wherever that and the rest of it will stand. */
export function isSurelyFar(
  item: Levelled,
  at: { readonly base: number; readonly range: LevelRange; readonly rest: LevelRange },
  params: Values<typeof spreadParams>,
): boolean {
  const { low, high } = item.piece.register;
  const excess = Math.max(at.rest.low - high - params.over, low - at.rest.high - params.under);
  if (excess <= 0) return false;
  return !isNear(item.piece.register, at.base, params) || leastOutside(item, at.range) > params.silent;
}

/** Whether a piece is so near of jarring that a tension is not praised, wherever its look and the rest will stand. */
export function isSurelyOnEdge(
  item: Levelled,
  range: LevelRange,
  rest: LevelRange,
  params: Values<typeof spreadParams>,
): boolean {
  if (item.place !== null) return leastOutside(item, range) - params.jars > -params.sure;
  const { low, high } = item.piece.register;
  return Math.max(rest.low - high - params.over, low - rest.high - params.under) > -params.sure;
}

/** The levels a piece reaches in a look: a garment of plain cloth further than its own span. */
function spanOf(item: Levelled): LevelRange {
  return item.place !== null ? reachOf(item) : item.piece.register;
}

/** Whether the garments by themselves stand so near that no pull could take an accessory too far from the rest. */
function isNear({ low, high }: LevelRange, base: number, params: Values<typeof spreadParams>): boolean {
  return base > low - params.under + params.sure && base < high + params.over - params.sure;
}

/** Hosiery that says nothing goes along with any level. */
export function isPlainHosiery({ piece }: Worn): boolean {
  return piece.kind === "hosiery" && piece.statement === 0;
}
