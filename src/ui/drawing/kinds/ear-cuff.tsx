import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { metalColour } from "../metal-colour";
import { EarCuff } from "../plates/ear-cuff";
import type { KindDrawing } from "./kind-drawing";

/** On a whole body it is drawn no smaller than the eye can find, cm. */
const leastSeen = 1.4;

export const earCuff: KindDrawing<"ear cuff"> = {
  plate: ({ piece, size }) => (
    <EarCuff
      piece={piece}
      x={size / 2}
      top={size / 2 - piece.figures.drop / 2 - 0.5}
      metal={metalColour(piece) ?? "#8a8a8a"}
      side={1}
    />
  ),
  box: ({ figures }) => ({ width: 2.2, height: Math.max(2, figures.drop + 1.2) }),
  asWorn({ worn: { piece, extent }, frame }) {
    const out = 0.0505 * frame.body.height;
    const ears = piece.figures.ears === "both ears" ? [1, -1] : [1];
    return (
      <g>
        {ears.map((side) => (
          <EarCuff
            key={side}
            piece={piece}
            x={side * out}
            top={-extent.to - 0.012 * frame.body.height}
            metal={metalColour(piece) ?? "#888888"}
            side={side}
            least={leastSeen}
          />
        ))}
      </g>
    );
  },
  caption: ({ form, drop, ears }, say) => [form, sayWith(drawingWords.drop, { drop: say(drop) }), ears],
};
