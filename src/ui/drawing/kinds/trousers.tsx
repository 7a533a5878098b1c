import { adjustmentOn } from "@/core/piece/adjustment";
import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { Legs, onShoe } from "../figure/garments/legs";
import { formBox, OnForm } from "../plates/on-form";
import type { KindDrawing } from "./kind-drawing";

export const trousers: KindDrawing<"trousers"> = {
  plate: ({ piece, size, paint, id }) => (
    <OnForm piece={piece} size={size}>
      {(frame, { from }) => (
        <Legs trousers={piece} hem={from} turn={null} onShoe={0} frame={frame} paint={paint} id={id} />
      )}
    </OnForm>
  ),
  box: formBox,
  asWorn: ({ worn, dressed, frame, paint, id }) => (
    <Legs
      trousers={worn.asWorn}
      hem={worn.extent.from}
      turn={adjustmentOn(dressed.look.adjustments, "turn", worn.piece.id)}
      onShoe={onShoe(worn, frame)}
      frame={frame}
      paint={paint}
      id={id}
    />
  ),
  caption: ({ leg, inseam, opening }, say) => [
    leg,
    sayWith(drawingWords.inseam, { inseam: say(inseam) }),
    sayWith(drawingWords.opening, { opening: say(opening) }),
  ],
};
