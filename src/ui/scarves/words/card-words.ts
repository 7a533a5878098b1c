import { sayLength, type LengthUnit } from "@/core/length/length";
import type { Scarf, TieSettings } from "@/core/piece/tied-scarf";
import { namedFolds } from "@/core/scarf/folds";
import { tieNeeds, type TieSpec } from "@/core/scarf/ties/define-tie";
import { scarvesWords } from "@/words/scarves";
import { sayWith } from "@/words/say";

/** What is done at a step of the folding; at the first the scarf is laid out. */
export function sayFold({ fold, corner, face }: TieSettings, at: number, steps: number): string {
  if (at === 0)
    return sayWith(face === "right" ? scarvesWords.layItOut : scarvesWords.layItOutTurned, { corner });
  return at === steps - 1
    ? sayWith(scarvesWords.foldOnLast, { fold: namedFolds[fold].name })
    : scarvesWords.foldOn;
}

/** Which scarf it is, its sides, and what else the tie needs. */
export function sayScarf(
  { name, figures }: Scarf,
  { needs }: Pick<TieSpec, "needs">,
  unit: LengthUnit,
): string {
  const a = sayLength(figures.sideA, unit);
  const b = sayLength(figures.sideB, unit);
  return [
    name,
    sayWith(scarvesWords.sidesOf, { a, b }),
    needs.length > 0 &&
      sayWith(scarvesWords.needs, { needs: needs.map((need) => tieNeeds[need]).join(", ") }),
  ]
    .filter(Boolean)
    .join(", ");
}
