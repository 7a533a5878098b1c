import type { Look } from "@/core/piece/look";
import type { Piece } from "@/core/piece/piece";
import { rainIsLikely } from "@/core/rules/comfort/wet";
import { read } from "@/core/reading/read";
import { diverse } from "@/core/search/best/diverse";
import { possibleChoices, type Choice } from "@/core/search/best/problem";
import { searchBest, type Progress } from "@/core/search/best/search";
import { setProblem, type SetProblem, type SetWish } from "@/core/search/best/set-problem";
import type { BestSets } from "./answers";

/** How many sets are sought, how many of them are shown, and in how many slots those differ at least. */
const sought = 60;
const shown = 6;
const apart = 2;
/** A score counts four a point, a search a hundred: so much worth is one of score. */
const worthOfScore = 25;
/** Milliseconds between two signs of life. */
const breath = 120;

/**
 * Looks for the best sets of a base, telling how far it is. Between two steps whoever asked may have
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
  done: boolean,
): BestSets {
  return {
    sets: diverse(progress.best, shown, apart).map((choice) => setOf(base, pieces, choice)),
    proved: done,
    open: done ? 0 : (progress.bound - (progress.best[0]?.worth ?? 0)) / worthOfScore,
    looked: progress.looked,
    possible: String(possibleChoices(problem)),
    bare,
    wet: base.occasion !== null && rainIsLikely(base.occasion, base.client.ruleBook),
  };
}

function setOf(base: Look, pieces: readonly (Piece | null)[], { options }: Choice): BestSets["sets"][number] {
  const worn = options.flatMap((option) => pieces[option] ?? []);
  const { score, verdict } = read({ ...base, accessories: worn });
  return { pieceIds: worn.map(({ id }) => id), score, verdict };
}
