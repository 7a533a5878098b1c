import type { ReactElement } from "react";
import { clothOf, picturedOn, type Scarf, type TieSettings } from "@/core/piece/tied-scarf";
import { namedFolds } from "@/core/scarf/folds";
import { foldedInSteps } from "@/core/scarf/laid-out";
import { sidesOf } from "@/core/scarf/tied";
import { sayWith } from "@/words/say";
import { scarvesWords } from "@/words/scarves";
import { FoldedPicture } from "../../drawing/scarf/folded-picture";
import { sayFold } from "../words/card-words";

/** A step of folding a scarf, with the scarf as it lies then. */
export interface DrawnFold {
  readonly label: string;
  readonly words: string;
  readonly draw: (className: string) => ReactElement;
}

/** Each step of folding a scarf for a tie, in their order. */
export function drawnFolds(scarf: Scarf, settings: TieSettings): DrawnFold[] {
  const sides = sidesOf(clothOf(scarf));
  const { axis } = namedFolds[settings.fold];
  const folds = foldedInSteps(sides, settings);
  return folds.map((folded, at): DrawnFold => {
    const label = sayWith(scarvesWords.afterStep, { number: at + 1 });
    return {
      label,
      words: sayFold(settings, at, folds.length),
      draw: (className) => (
        <FoldedPicture
          folded={folded}
          picture={picturedOn(scarf)}
          sides={sides}
          // The first fold is seen as the scarf is laid, the others as they are turned to be worn.
          axis={at === 0 ? 0 : axis}
          view="front"
          paler={scarf.figures.paler}
          label={label}
          className={className}
        />
      ),
    };
  });
}
