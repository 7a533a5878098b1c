import { isWornSo } from "@/core/dressing/dressed";
import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { Dress } from "../figure/garments/bodice";
import { formBox, OnForm } from "../plates/on-form";
import type { KindDrawing } from "./kind-drawing";

export const dress: KindDrawing<"dress"> = {
  plate: ({ piece, size, paint, id }) => (
    <OnForm piece={piece} size={size}>
      {(frame, { from }) => <Dress piece={piece} hem={from} frame={frame} paint={paint} id={id} empty />}
    </OnForm>
  ),
  box: formBox,
  asWorn: ({ worn, frame, paint, id }) => (
    <Dress
      piece={worn.asWorn}
      hem={worn.extent.from}
      collarUp={isWornSo(worn, "collar-up")}
      frame={frame}
      paint={paint}
      id={id}
    />
  ),
  caption: ({ cut, length }, say) => [cut, sayWith(drawingWords.long, { length: say(length) })],
};
