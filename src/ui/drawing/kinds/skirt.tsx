import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { Skirt } from "../figure/garments/skirt";
import { formBox, OnForm } from "../plates/on-form";
import type { KindDrawing } from "./kind-drawing";

export const skirt: KindDrawing<"skirt"> = {
  plate: ({ piece, size, paint, id }) => (
    <OnForm piece={piece} size={size}>
      {(frame, { from, to }) => (
        <Skirt skirt={piece} top={to} hem={from} frame={frame} paint={paint} id={id} />
      )}
    </OnForm>
  ),
  box: formBox,
  asWorn: ({ worn: { piece, extent }, frame, paint, id }) => (
    <Skirt skirt={piece} top={extent.to} hem={extent.from} frame={frame} paint={paint} id={id} />
  ),
  caption: ({ cut, length }, say) => [cut, sayWith(drawingWords.long, { length: say(length) })],
};
