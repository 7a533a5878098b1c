import { sayLength, type LengthUnit } from "@/core/length/length";
import { adjustmentSpec, type Adjustment } from "@/core/piece/adjustment";
import type { AdjustmentKind } from "@/core/piece/adjustments";
import type { AdjustmentWords } from "@/core/piece/adjustments/define-adjustment";
import type { Piece } from "@/core/piece/piece";
import type { Change } from "@/core/reading/change";
import { fillMessage } from "@/core/words/message";
import { withinSentence } from "@/core/words/within-sentence";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";

/** A change in the words of a button. */
export function sayChange(
  change: Change,
  unit: LengthUnit,
  named: (id: string) => Piece | undefined,
): string {
  const name = (id: string) => withinSentence(named(id)?.name ?? "it");
  switch (change.kind) {
    case "wear":
      return sayWith(benchWords.putOn, { piece: withinSentence(change.piece.name) });
    case "take-off":
      return sayWith(benchWords.takeOff, { name: name(change.piece) });
    case "adjust":
      return sayWay(change.adjustment, "doing", unit, name(change.adjustment.piece));
    case "undo":
      return sayUndoing(change.way, name(change.piece));
  }
}

/** A way of wearing a piece, as an instruction or as it stands in a caption. */
export function sayWay(
  adjustment: Adjustment,
  as: keyof Pick<AdjustmentWords, "doing" | "undoing" | "done">,
  unit: LengthUnit,
  piece: string,
): string {
  const { settings, words } = adjustmentSpec(adjustment.kind);
  const values: Record<string, string | number> = { piece };
  for (const [key, value] of Object.entries(adjustment)) {
    const field = settings[key];
    if (field?.type === "number" && typeof value === "number")
      values[key] = field.unit === "cm" ? sayLength(value, unit) : value;
    // The words of a choice are chosen by its name, which the message format wants without spaces.
    else if (field?.type === "choice") values[key] = String(value).replace(/\W/g, "_");
  }
  return fillMessage(words[as], values);
}

/** No longer wearing a piece so, as an instruction. */
export function sayUndoing(way: AdjustmentKind, piece: string): string {
  return fillMessage(adjustmentSpec(way).words.undoing, { piece });
}
