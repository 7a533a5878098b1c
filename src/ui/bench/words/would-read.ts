import type { Verdict } from "@/core/reading/verdict";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";

const would: Readonly<Record<Verdict, string>> = { sings: "sing", sits: "sit", jars: "jar" };

/** What a look would do then, as the end of a sentence. */
export function wouldRead(verdict: Verdict): string {
  return sayWith(benchWords.theLookWould, { would: would[verdict] });
}
