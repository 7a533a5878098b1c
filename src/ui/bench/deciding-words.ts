import type { Finding } from "@/core/rules/finding";
import { isGrave, type Verdict } from "@/core/reading/verdict";

const counts = ["no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine"];

/** What decides a verdict, in a few words, from the findings that stand. */
export function decidingWords(verdict: Verdict, findings: readonly Finding[]): string {
  if (findings.length === 0) return "nothing to say yet";
  const wrong = findings.filter(isGrave).length;
  if (wrong > 0) return `${things(wrong)} ${wrong === 1 ? "is" : "are"} wrong`;
  const rubbing = findings.filter(({ effect }) => effect === "rubs").length;
  const rubs = rubbing === 0 ? "nothing is wrong" : `${things(rubbing)} ${rubbing === 1 ? "rubs" : "rub"}`;
  if (verdict === "sings") return rubbing === 0 ? rubs : `${rubs}, the rest carries it`;
  const edges = findings.filter(({ onEdge }) => onEdge).length;
  if (edges > 0 && rubbing === 0) return `${things(edges)} ${edges === 1 ? "is" : "are"} on the edge`;
  return rubbing === 0 ? "nothing is wrong, little lifts it" : rubs;
}

function things(count: number): string {
  return `${counts[count] ?? count} ${count === 1 ? "thing" : "things"}`;
}
