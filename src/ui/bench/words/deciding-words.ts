import type { Finding } from "@/core/rules/finding";
import { isGrave, type Verdict } from "@/core/reading/verdict";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";

const counts = ["no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine"];

/** What decides a verdict, in a few words, from the findings that stand. */
export function decidingWords(verdict: Verdict, findings: readonly Finding[]): string {
  if (findings.length === 0) return benchWords.nothingToSayYet;
  const wrong = findings.filter(isGrave).length;
  if (wrong > 0) return sayWith(benchWords.areWrong, { things: things(wrong), wrong });
  const rubbing = findings.filter(({ effect }) => effect === "rubs").length;
  const rubs =
    rubbing === 0 ? benchWords.nothingIsWrong : `${things(rubbing)} ${rubbing === 1 ? "rubs" : "rub"}`;
  if (verdict === "sings") return rubbing === 0 ? rubs : sayWith(benchWords.theRestCarriesIt, { rubs });
  const edges = findings.filter(({ onEdge }) => onEdge).length;
  if (edges > 0 && rubbing === 0) return sayWith(benchWords.areOnTheEdge, { things: things(edges), edges });
  return rubbing === 0 ? benchWords.nothingIsWrongLittleLifts : rubs;
}

function things(count: number): string {
  return `${counts[count] ?? count} ${count === 1 ? "thing" : "things"}`;
}
