import type { Look } from "@/core/piece/look";
import { isKind, type Piece } from "@/core/piece/piece";
import { rainIsLikely } from "@/core/rules/comfort/wet";
import { read } from "@/core/reading/read";
import { compareVerdicts } from "@/core/reading/verdict";
import type { ReadSet, Sought } from "@/core/search/best/found-sets";
import { lookWith } from "@/core/search/best/options";
import { possibleChoices } from "@/core/search/best/problem";
import { seekSets as seek } from "@/core/search/best/seek";
import { setProblem, type SetProblem, type SetWish } from "@/core/search/best/set-problem";
import { bestTied } from "@/core/search/scarf-ties";
import type { BestSets } from "./answers";
import type { Asker } from "./asker";
import { breathing } from "./breath";

/** How many sets are shown, and in how many slots each differs at least from those before it. */
export const asShown = { most: 6, apart: 2 } as const;
/** Milliseconds between two words of what is known: a hand must not find another set where it presses. */
const silence = 400;
/** Milliseconds after which nobody waits for a proof any longer. */
export const patience = 5000;

/**
 * Seeks the sets that read best on a base, telling what is known so far. Between two steps whoever asked may have left.
 */
export async function seekSets(
  base: Look,
  wardrobe: readonly Piece[],
  wish: SetWish,
  { tell, goesOn }: Asker<BestSets>,
): Promise<BestSets> {
  const began = performance.now();
  const laidOut = setProblem(base, wardrobe, wish);
  const breathe = breathing();
  let told = began;
  let last: Sought = { best: [], proved: 0, margin: Infinity, read: 0, finished: false };
  for (const sought of seek(base, laidOut, wish, asShown)) {
    const isFirst = last.best.length === 0 && sought.best.length > 0;
    last = sought;
    const now = performance.now();
    await breathe();
    if (now - began > patience || !goesOn()) break;
    if (!isFirst && now - told < silence) continue;
    tell(answer(base, laidOut, sought));
    told = now;
  }
  return answer(base, laidOut, last);
}

function answer(base: Look, { problem, bare }: SetProblem, sought: Sought): BestSets {
  const { best, proved, margin, read: looks, finished } = sought;
  return {
    // Which are shown is a matter of points; among these what sings comes first, as everywhere.
    sets: best
      .map((set) => readSet(base, set))
      .sort((one, other) => compareVerdicts(other.verdict, one.verdict) || other.points - one.points),
    proved: finished ? "all" : proved > 0 ? "the best" : "none",
    margin: Number.isFinite(margin) ? margin : null,
    read: looks,
    possible: String(possibleChoices(problem)),
    bare,
    wet: base.occasion !== null && rainIsLikely(base.occasion, base.client.ruleBook),
  };
}

/** A set as it is shown: a scarf whose picture was drawn tied as the look reads best. */
function readSet(base: Look, { options }: ReadSet): BestSets["sets"][number] {
  const look = lookWith({ ...base, accessories: [] }, options);
  const scarf = look.accessories.find((piece) => isKind(piece, "scarf"));
  const { reading, also } =
    scarf && isKind(scarf, "scarf") ? bestTied(look, scarf) : { reading: read(look), also: null };
  const { score, verdict, points } = reading;
  const ways = also?.kind === "adjust" && also.adjustment.kind === "tie" ? [also.adjustment] : [];
  return { pieceIds: look.accessories.map(({ id }) => id), ways, score, verdict, points };
}
