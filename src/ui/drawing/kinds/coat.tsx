import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { Layer } from "../figure/garments/layer";
import { formBox, OnForm } from "../plates/on-form";
import type { KindDrawing } from "./kind-drawing";

export const coat: KindDrawing<"coat"> = {
  plate: ({ piece, size, paint, id }) => (
    <OnForm piece={piece} size={size}>
      {(frame, { from }) => <Layer piece={piece} hem={from} frame={frame} paint={paint} id={id} />}
    </OnForm>
  ),
  box: formBox,
  asWorn: ({ worn: { asWorn, extent }, frame, paint, id }) => (
    <Layer piece={asWorn} hem={extent.from} frame={frame} paint={paint} id={id} />
  ),
  caption: ({ collar, length }, say) => [collar, sayWith(drawingWords.long, { length: say(length) })],
};
