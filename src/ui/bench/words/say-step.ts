import type { LengthUnit } from "@/core/length/length";
import type { Piece } from "@/core/piece/piece";
import { changesBetween } from "@/core/reading/changes-between";
import type { LookState } from "@/core/studio/look-steps";
import { layOut, type Wardrobe } from "@/core/studio/wardrobe";
import { withinSentence } from "@/core/words/within-sentence";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { wordOf } from "../../kit/marks";
import { sayChange } from "./change-words";

/** How many things done at once are named; the rest are counted. */
const mostNamed = 3;

interface StepWords {
  readonly wardrobe: Wardrobe;
  readonly garmentIds: readonly string[];
  readonly unit: LengthUnit;
}

/** What was done between two states of a look, as a sentence; the first state has nothing before it. */
export function sayStep(
  before: LookState | null,
  state: LookState,
  { wardrobe, garmentIds, unit }: StepWords,
): string {
  if (!before)
    return state.accessoryIds.length === 0 ? benchWords.beganWithNothingOn : benchWords.beganWithWhatWasOn;
  const laid = ({ accessoryIds, adjustments }: LookState) =>
    layOut(wardrobe, { garmentIds, accessoryIds, adjustments, occasionId: null });
  const pieces = new Map<string, Piece>(wardrobe.pieces.map((piece) => [piece.id, piece]));
  const done = changesBetween(laid(before), laid(state)).map((change) =>
    sayChange(change, unit, (id) => pieces.get(id)),
  );
  if (state.ownVerdict !== before.ownVerdict && state.ownVerdict !== null)
    done.push(sayWith(benchWords.youSayItLabel, { ownVerdict: wordOf(state.ownVerdict) }));
  else if (state.ownVerdict !== before.ownVerdict && done.length === 0)
    done.push(benchWords.yourVerdictTakenBack);
  const [first = benchWords.theSameOnceMore, ...rest] = done;
  const more = rest.length - mostNamed + 1;
  return [
    first,
    ...rest.slice(0, mostNamed - 1).map(withinSentence),
    ...(more > 0 ? [sayWith(benchWords.andMoreWord, { more })] : []),
  ].join(", ");
}
