import type { LengthUnit } from "@/core/length/length";
import type { Piece } from "@/core/piece/piece";
import { changesBetween } from "@/core/reading/changes-between";
import type { LookState } from "@/core/studio/look-steps";
import { layOut, type Wardrobe } from "@/core/studio/wardrobe";
import { withinSentence } from "@/core/words/within-sentence";
import { wordOf } from "../kit/marks";
import { sayChange } from "./change-words";

/** How many things done at once are named; the rest are counted. */
const named = 3;

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
  if (!before) return state.accessoryIds.length === 0 ? "Began with nothing on" : "Began with what was on";
  const laid = ({ accessoryIds, adjustments }: LookState) =>
    layOut(wardrobe, { garmentIds, accessoryIds, adjustments, occasionId: null });
  const pieces = new Map<string, Piece>(wardrobe.pieces.map((piece) => [piece.id, piece]));
  const done = changesBetween(laid(before), laid(state)).map((change) =>
    sayChange(change, unit, (id) => pieces.get(id)),
  );
  if (state.ownVerdict !== before.ownVerdict && state.ownVerdict !== null)
    done.push(`You say it ${wordOf(state.ownVerdict)}`);
  else if (state.ownVerdict !== before.ownVerdict && done.length === 0) done.push("Your verdict taken back");
  const [first = "The same once more", ...rest] = done;
  const more = rest.length - named + 1;
  return [
    first,
    ...rest.slice(0, named - 1).map(withinSentence),
    ...(more > 0 ? [`and ${more} more`] : []),
  ].join(", ");
}
