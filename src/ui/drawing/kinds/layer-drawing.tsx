import type { PieceOf } from "@/core/piece/piece";
import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { Layer } from "../figure/garments/layer";
import { layerWays } from "../figure/garments/layer-ways";
import { formBox, OnForm } from "../plates/on-form";
import type { KindDrawing } from "./kind-drawing";

/**
 * How a jacket or a coat is drawn.
 * @param usual the form that goes without saying
 */
export function layerDrawing<K extends "jacket" | "coat">(
  usual: PieceOf<K>["figures"]["form"],
): KindDrawing<K> {
  return {
    plate: ({ piece, size, paint, id }) => (
      <OnForm piece={piece} size={size}>
        {(frame, { from }) => <Layer piece={piece} hem={from} frame={frame} paint={paint} id={id} />}
      </OnForm>
    ),
    box: formBox,
    asWorn: ({ worn, frame, paint, id }) => (
      <Layer
        piece={worn.asWorn}
        ways={layerWays(worn)}
        hem={worn.extent.from}
        frame={frame}
        paint={paint}
        id={id}
      />
    ),
    caption: ({ form, breasted, collar, length }, say) => [
      form === usual ? "" : form,
      breasted === "single-breasted" ? "" : breasted,
      collar,
      sayWith(drawingWords.long, { length: say(length) }),
    ],
  };
}
