import { levelWord } from "@/core/register/ladder";
import type { Reach } from "@/core/search/reach";

/** A reach in words: "serves 4 of 6 bases, easy smart to dressy". */
export function reachWords(reach: readonly Reach[] | undefined, bases: number): string {
  if (bases === 0) return "no base to wear it on yet";
  if (!reach) return "reading ...";
  const served = reach.filter(({ verdict }) => verdict !== "jars");
  const levels = served.flatMap(({ level }) => level ?? []);
  const words = [...new Set([Math.min(...levels), Math.max(...levels)].map(levelWord))];
  return `serves ${served.length} of ${bases} ${bases === 1 ? "base" : "bases"}${served.length > 0 ? `, ${words.join(" to ")}` : ""}`;
}
