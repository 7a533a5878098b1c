import { countedKinds, type ClientCounts, type CountedKind } from "@/core/studio/client-whole";
import { fillMessage } from "@/core/words/message";
import { wholeWords } from "@/words/whole";

const words: Readonly<Record<CountedKind, string>> = {
  measurement: wholeWords.measurements,
  "rule book": wholeWords.ruleBooks,
  piece: wholeWords.pieces,
  photo: wholeWords.photos,
  base: wholeWords.bases,
  set: wholeWords.sets,
  "day worn": wholeWords.daysWorn,
  occasion: wholeWords.occasions,
  look: wholeWords.looks,
  step: wholeWords.steps,
  overruling: wholeWords.overrulings,
  "declined piece": wholeWords.declined,
  "missing piece": wholeWords.gaps,
  "private link": wholeWords.links,
};

/** What there is of a client, a part for each kind of which there is anything. */
export function sayCounts(counts: ClientCounts): string[] {
  return countedKinds
    .filter((kind) => counts[kind] > 0)
    .map((kind) => fillMessage(words[kind], { count: counts[kind] }));
}

/** The same as one list within a sentence: a receipt leaves nothing out. */
export function sayAllCounts(counts: ClientCounts): string {
  const parts = sayCounts(counts);
  return parts.length === 0 ? wholeWords.nothing : parts.join(", ");
}
