import { levelWord } from "@/core/register/ladder";
import type { Reach } from "@/core/search/reach";
import { sayWith } from "@/words/say";
import { setsWords } from "@/words/sets";

/** A reach in words: "serves 4 of 6 bases, easy smart to dressy". */
export function reachWords(reach: readonly Reach[] | undefined, bases: number): string {
  if (bases === 0) return setsWords.noBaseToWearIt;
  if (!reach) return "reading ...";
  const served = reach.filter(({ verdict }) => verdict !== "jars");
  const levels = served.flatMap(({ level }) => level ?? []);
  const words = [...new Set([Math.min(...levels), Math.max(...levels)].map(levelWord))];
  return sayWith(setsWords.servesOfBases, {
    served: served.length,
    bases,
    levels: served.length > 0 ? `, ${words.join(" to ")}` : "",
  });
}
