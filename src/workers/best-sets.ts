import type { Look } from "@/core/piece/look";
import { isKind, type Piece } from "@/core/piece/piece";
import { rainIsLikely } from "@/core/rules/comfort/wet";
import { read } from "@/core/reading/read";
import { compareVerdicts } from "@/core/reading/verdict";
import { diverse } from "@/core/search/best/diverse";
import { possibleChoices, type Choice } from "@/core/search/best/problem";
import { searchBest, type Progress } from "@/core/search/best/search";
import { setProblem, type SetProblem, type SetWish } from "@/core/search/best/set-problem";
import { bestTied } from "@/core/search/scarf-ties";
import type { BestSets } from "./answers";

/** How many sets are sought and read, how many of them are shown, and in how many slots those differ at least. */
const sought = 120;
const shown = 6;
const apart = 2;
/** Milliseconds between two signs of life. */
const breath = 120;

/**
 * Looks for the sets that agree best on a base, reads each of them, and answers with those that read best, telling
 * how far it is. That they read best is known of those that were read, not of all there are. Between two steps whoever asked may have
 * asked for something else: `goesOn` says whether to go on.
 */
export async function seekSets(
  base: Look,
  wardrobe: readonly Piece[],
  wish: SetWish,
  tell: (found: BestSets) => void,
  goesOn: () => boolean,
): Promise<BestSets> {
  const laidOut = setProblem(base, wardrobe, wish);
  const search = searchBest(laidOut.problem, sought);
  let told = performance.now();
  for (;;) {
    const step = search.next();
    if (step.done || !goesOn()) return answer(base, laidOut, step.value, step.done === true);
    if (performance.now() - told < breath) continue;
    tell(answer(base, laidOut, step.value, false));
    told = performance.now();
    await new Promise((resolve) => setTimeout(resolve, 0));
  }
}

function answer(
  base: Look,
  { problem, pieces, bare }: SetProblem,
  progress: Progress,
  finished: boolean,
): BestSets {
  const read = progress.best.map((choice) => readSet(base, pieces, choice)).sort(byReading);
  return {
    sets: diverse(
      read.map(({ choice }) => choice),
      shown,
      apart,
    ).flatMap((choice) => read.find((each) => each.choice === choice)?.set ?? []),
    finished,
    read: read.length,
    looked: progress.looked,
    possible: String(possibleChoices(problem)),
    bare,
    wet: base.occasion !== null && rainIsLikely(base.occasion, base.client.ruleBook),
  };
}

interface ReadSet {
  readonly choice: Choice;
  readonly set: BestSets["sets"][number];
  readonly points: number;
}

function readSet(base: Look, pieces: readonly (Piece | null)[], choice: Choice): ReadSet {
  const worn = choice.options.flatMap((option) => pieces[option] ?? []);
  const look = { ...base, accessories: worn };
  const scarf = worn.find((piece) => isKind(piece, "scarf"));
  const { reading, also } =
    scarf && isKind(scarf, "scarf") ? bestTied(look, scarf) : { reading: read(look), also: null };
  const { score, verdict, points } = reading;
  const ways = also?.kind === "adjust" && also.adjustment.kind === "tie" ? [also.adjustment] : [];
  return { choice, set: { pieceIds: worn.map(({ id }) => id), ways, score, verdict }, points };
}

/** The better verdict first, then the more points. */
function byReading(one: ReadSet, other: ReadSet): number {
  return compareVerdicts(other.set.verdict, one.set.verdict) || other.points - one.points;
}
