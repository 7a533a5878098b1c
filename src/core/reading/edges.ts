import type { Look } from "../piece/look";
import { read } from "./read";
import { toleratedFigures, type Tolerated } from "./tolerances";
import type { Verdict } from "./verdict";

/** A figure on which a verdict hangs: were it otherwise by less than it is exact, the look would read otherwise. */
export interface Edge extends Pick<Tolerated, "label" | "piece" | "unit"> {
  /** By how much, in the unit; signed. */
  readonly by: number;
  /** What the look would be then. */
  readonly verdict: Verdict;
}

/** How finely the deciding difference is found, as a share of the tolerance. */
const fineness = 1 / 32;

/**
 * Whether a look stands on the edge: the figures whose tolerance would change its verdict, the nearest first.
 * Empty for a reading that is certain.
 */
export function edgesOf(look: Look): Edge[] {
  const { verdict } = read(look);
  return toleratedFigures(look)
    .flatMap((figure) => ([-1, 1] as const).flatMap((way) => edgeOf(figure, way, verdict)))
    .sort((one, other) => one.share - other.share)
    .map(({ edge }) => edge);
}

function edgeOf(figure: Tolerated, way: 1 | -1, verdict: Verdict): { share: number; edge: Edge }[] {
  const at = (share: number) => read(figure.moved(way * share)).verdict;
  let after = at(1);
  if (after === verdict) return [];
  let [stays, turns] = [0, 1];
  while (turns - stays > fineness) {
    const middle = (stays + turns) / 2;
    const there = at(middle);
    if (there === verdict) stays = middle;
    else {
      turns = middle;
      after = there;
    }
  }
  const { label, piece, unit, tolerance } = figure;
  return [{ share: turns, edge: { label, piece, unit, by: way * turns * tolerance, verdict: after } }];
}
