import type { Worn } from "./dressed";
import { isLevelled, placingOf, small, weightBeside } from "./level";

/** Levels of the register, 1-9. */
export interface LevelRange {
  readonly low: number;
  readonly high: number;
}

/** What the last digit of a sum may be out by. */
const dust = 1e-6;

/**
 * The levels between which a look will stand, whatever is put on beside what is on: in each of some slots one of
 * what it may hold, or nothing. By the formula of the level (2.4, `placingOf`): base + S / max(1, W), S the sum of
 * the pulls and W of their weights; what may be put on counts where it pulls further, and not where it pulls back.
 * @param on the pieces that are on, garments among them
 * @param open what each open slot may hold, as it is worn on the garments alone
 * @param without a piece that is left out of what is on
 * @returns null without a garment whose level was said
 */
export function levelRange(
  on: readonly Worn[],
  open: readonly (readonly Worn[])[],
  without: Worn | null,
): LevelRange | null {
  const placing = placingOf(on);
  if (!placing?.span) return null;
  const { base, span } = placing;
  const pulls = on.flatMap((item) => (item === without ? [] : (pullOf(item, base) ?? [])));
  const may = open.map((items) => items.flatMap((item) => pullOf(item, base) ?? []));
  const isFaint = ({ faint }: Pulling) => faint;
  // Beyond the farthest few, faint ones are not heard: then each may count, or not.
  const areHeard =
    pulls.filter(isFaint).length + may.filter((slot) => slot.some(isFaint)).length <= small.heard;
  const certain = pulls.filter(({ faint }) => areHeard || !faint);
  const perhaps = areHeard ? may : [...may, ...pulls.filter(isFaint).map((pull) => [pull])];
  const lightest = certain.reduce((sum, { weight }) => sum + weight, 0);
  const heaviest = perhaps.reduce(
    (sum, slot) => sum + Math.max(0, ...slot.map(({ weight }) => weight)),
    lightest,
  );
  /** The furthest that the base can be taken up (1) or down (-1), steps. */
  const furthest = (way: 1 | -1) => {
    const sure = certain.reduce((sum, { steps }) => sum + way * steps, 0);
    const sum = perhaps.reduce(
      (most, slot) => most + Math.max(0, ...slot.map(({ steps }) => way * steps)),
      sure,
    );
    return sum / Math.max(1, sum > 0 ? lightest : heaviest);
  };
  const within = (level: number) => Math.min(span.high, Math.max(span.low, level));
  return { low: within(base - furthest(-1)) - dust, high: within(base + furthest(1)) + dust };
}

interface Pulling {
  readonly weight: number;
  /** How far it takes the base by itself, steps. */
  readonly steps: number;
  /** Of jewellery without a statement only the farthest few are heard. */
  readonly faint: boolean;
}

/** How an accessory that is seen pulls at the base; null for what pulls at nothing. */
function pullOf(item: Worn, base: number): Pulling | null {
  if (item.place !== null || item.seen.length === 0 || !isLevelled(item)) return null;
  const { weight, faint } = weightBeside(item);
  return weight > 0 ? { weight, steps: weight * (item.centre - base), faint } : null;
}
