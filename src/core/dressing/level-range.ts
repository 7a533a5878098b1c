import type { Worn } from "./dressed";
import { isLevelled, small, weightBeside, type Placing } from "./level";

/** Levels of the register, 1-9. */
export interface LevelRange {
  readonly low: number;
  readonly high: number;
}

/** How an accessory pulls at the level of its garments. */
interface Pull {
  readonly item: Worn;
  readonly weight: number;
  /** How far it takes the base by itself, steps. */
  readonly steps: number;
  /** Of jewellery without a statement only the farthest few are heard. */
  readonly faint: boolean;
}

/** What may be put on, as it pulls at the level: in each of some slots one piece, or nothing. */
export interface OpenPulls {
  /** The furthest that all together take the base up, and down, steps. */
  readonly up: number;
  readonly down: number;
  readonly heaviest: number;
  /** In how many of the slots something faint may be put on. */
  readonly faint: number;
}

/** What the last digit of a sum may be out by. */
const dust = 1e-6;

/**
 * What may be put on, as it pulls at the level of its garments.
 * @param open what each slot may hold, as it is worn on the garments alone
 */
export function openPulls(open: readonly (readonly Worn[])[], base: number): OpenPulls {
  let [up, down, heaviest, faint] = [0, 0, 0, 0];
  for (const items of open) {
    const pulls = pullsOn(items, base);
    up += Math.max(0, ...pulls.map(({ steps }) => steps));
    down += Math.max(0, ...pulls.map(({ steps }) => -steps));
    heaviest += Math.max(0, ...pulls.map(({ weight }) => weight));
    if (pulls.some((pull) => pull.faint)) faint += 1;
  }
  return { up, down, heaviest, faint };
}

/**
 * The levels between which a look will stand, whatever is put on beside what is on. By the formula of the level
 * (docs/model.md, Formality, `placingOf`): base + S / max(1, W), S the sum of the pulls and W of their weights;
 * what may be put on counts where it pulls further, and not where it pulls back.
 * @param on the pieces that are on, garments among them, and where they stand
 * @returns of a piece that is left out of what is on, or of none, the range; null without a garment whose level was
 * said
 */
export function levelRanges(
  on: readonly Worn[],
  placing: Placing | null,
  open: OpenPulls | null,
): (without: Worn | null) => LevelRange | null {
  if (!placing?.span || !open) return () => null;
  const { base, span } = placing;
  const pulls = pullsOn(on, base);
  const within = (level: number) => Math.min(span.high, Math.max(span.low, level));
  return (without) => {
    // Beyond the farthest few, faint ones are not heard: then each may count, or not.
    let faint = open.faint;
    for (const pull of pulls) if (pull.faint && pull.item !== without) faint += 1;
    const areHeard = faint <= small.heard;
    let [up, down, lightest, heaviest] = [open.up, open.down, 0, open.heaviest];
    for (const pull of pulls) {
      if (pull.item === without) continue;
      const isSure = areHeard || !pull.faint;
      up += isSure ? pull.steps : Math.max(0, pull.steps);
      down -= isSure ? pull.steps : Math.min(0, pull.steps);
      heaviest += pull.weight;
      if (isSure) lightest += pull.weight;
    }
    const most = (sum: number) => sum / Math.max(1, sum > 0 ? lightest : heaviest);
    return { low: within(base - most(down)) - dust, high: within(base + most(up)) + dust };
  };
}

/** How the accessories that are seen pull at the base; what pulls at nothing is left out. */
function pullsOn(items: readonly Worn[], base: number): Pull[] {
  const pulls: Pull[] = [];
  for (const item of items) {
    if (item.place !== null || item.seen.length === 0 || !isLevelled(item)) continue;
    const { weight, faint } = weightBeside(item);
    if (weight > 0) pulls.push({ item, weight, steps: weight * (item.centre - base), faint });
  }
  return pulls;
}
