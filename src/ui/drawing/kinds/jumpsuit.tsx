import { adjustmentOn } from "@/core/piece/adjustment";
import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { JumpsuitBodice } from "../figure/garments/bodice";
import { Legs, onShoe } from "../figure/garments/legs";
import { formBox, OnForm } from "../plates/on-form";
import type { KindDrawing } from "./kind-drawing";

export const jumpsuit: KindDrawing<"jumpsuit"> = {
  plate: ({ piece, size, paint, id }) => (
    <OnForm piece={piece} size={size}>
      {(frame, { from }) => (
        <>
          <Legs
            trousers={piece}
            hem={from}
            turn={null}
            onShoe={0}
            frame={frame}
            paint={paint}
            id={`${id}-legs`}
          />
          <JumpsuitBodice piece={piece} frame={frame} paint={paint} id={id} empty />
        </>
      )}
    </OnForm>
  ),
  box: formBox,
  asWorn({ worn, dressed, frame, paint, id }) {
    const turn = adjustmentOn(dressed.look.adjustments, "turn", worn.piece.id);
    return (
      <>
        <Legs
          trousers={worn.asWorn}
          hem={worn.extent.from}
          turn={turn}
          onShoe={onShoe(worn, frame)}
          frame={frame}
          paint={paint}
          id={`${id}-legs`}
        />
        <JumpsuitBodice piece={worn.asWorn} frame={frame} paint={paint} id={id} />
      </>
    );
  },
  caption: ({ leg, inseam, opening }, say) => [
    leg,
    sayWith(drawingWords.inseam, { inseam: say(inseam) }),
    sayWith(drawingWords.opening, { opening: say(opening) }),
  ],
};
