import type { Client } from "../piece/client";
import { hangsWide, recut, type Legged, type PieceOf } from "../piece/piece";
import { bodyOf } from "../body/body";
import { hemHeight } from "../proportion/hem";
import { drag } from "../rules/proportion/drag";
import { hemFindings, hemPair, weighHem } from "./hems";

type Trousers = Legged;
type Shoe = PieceOf<"shoe">;

/** The inseam to ask the tailor for. */
export interface TailorAnswer {
  /** Ends of the interval, cm, in half centimetres; null when no inseam suits any of the shoes. */
  readonly inseam: { readonly from: number; readonly to: number } | null;
  /** Ids of the shoes it suits, and of those it excludes with the rules that stand against them. */
  readonly suits: readonly string[];
  readonly excludes: readonly { readonly shoe: string; readonly because: readonly string[] }[];
}

const step = 0.5;
const shortest = 40;
const longest = 110;

/**
 * The interval of inseams at which most of the chosen shoes sit or sing as the leg is cut: every half
 * centimetre is read with every shoe; among runs of equal count the best read wins, then the longest run.
 */
export function inseamFor(client: Client, trousers: Trousers, shoes: readonly Shoe[]): TailorAnswer {
  const tried: TriedInseam[] = [];
  for (let inseam = shortest; inseam <= longest; inseam += step)
    tried.push(tryInseam(client, trousers, shoes, inseam));
  const most = Math.max(0, ...tried.map(({ suits }) => suits.length));
  const best = most === 0 ? null : bestRun(tried.filter(({ suits }) => suits.length === most));
  const at = best?.[Math.floor(best.length / 2)];
  const [first, last] = [best?.[0], best?.[best.length - 1]];
  // Where no inseam suits, what stands against each is told of the leg as it is.
  const { against } = at ?? tryInseam(client, trousers, shoes, trousers.figures.inseam);
  return {
    inseam: first && last ? { from: first.inseam, to: last.inseam } : null,
    suits: at?.suits ?? [],
    excludes: shoes
      .filter(({ id }) => !at?.suits.includes(id))
      .map(({ id }) => ({ shoe: id, because: against.get(id) ?? [] })),
  };
}

interface TriedInseam {
  readonly inseam: number;
  readonly suits: readonly string[];
  readonly points: number;
  readonly against: ReadonlyMap<string, readonly string[]>;
}

function tryInseam(client: Client, trousers: Trousers, shoes: readonly Shoe[], inseam: number): TriedInseam {
  const cut = recut(trousers, { inseam, measuredHem: null });
  const read = shoes.map((shoe) => ({ id: shoe.id, ...weighHem(hemFindings(hemPair(client, cut, shoe))) }));
  const good = read.filter(({ against, points }) => against.length === 0 && points >= 0);
  return {
    inseam,
    suits: good.map(({ id }) => id),
    points: good.reduce((sum, { points }) => sum + points, 0),
    against: new Map(read.map(({ id, against }) => [id, against])),
  };
}

/** The best run of neighbouring inseams that suit the same shoes. */
function bestRun(tried: readonly TriedInseam[]): readonly TriedInseam[] {
  const runs: TriedInseam[][] = [];
  for (const entry of tried) {
    const run = runs[runs.length - 1];
    const before = run?.[run.length - 1];
    const joins =
      before && entry.inseam - before.inseam <= step && before.suits.join() === entry.suits.join();
    if (run && joins) run.push(entry);
    else runs.push([entry]);
  }
  const worth = (run: readonly TriedInseam[]) =>
    run.reduce((sum, { points }) => sum + points, 0) / run.length;
  return runs.sort((one, other) => worth(other) - worth(one) || other.length - one.length)[0] ?? [];
}

/** The lifts at which full-length legs hang right over the floor, cm; null for legs that are not full length. */
export function liftFor(
  client: Client,
  trousers: Trousers,
): { readonly from: number; readonly to: number } | null {
  if (!hangsWide(trousers)) return null;
  const body = bodyOf(client.measured);
  const hem = hemHeight(body.measures.crotch.cm, trousers.figures, null);
  if (hem > body.measures.ankleBone.cm) return null;
  const { rightFrom, rightTo } = drag.settings(client.ruleBook).params;
  return { from: Math.max(0, rightFrom - hem), to: Math.max(0, rightTo - hem) };
}

/**
 * Trousers whose hem was measured at a try-on: the measured hem stands from now on, and the drop that
 * explains it is kept, so that a later change of inseam is reckoned from the body as it really wears them.
 * @param hem height of the plain hem above the footbed, cm
 */
export function recalibrated<G extends Trousers>(client: Client, trousers: G, hem: number): G {
  const crotch = bodyOf(client.measured).measures.crotch.cm;
  const drop = Math.round((crotch - trousers.figures.inseam - hem) * 10) / 10;
  return recut(trousers, { drop: Math.max(0, Math.min(15, drop)), measuredHem: hem });
}
