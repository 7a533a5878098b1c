import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { HatShape } from "../plates/hat-shape";
import type { KindDrawing } from "./kind-drawing";

export const hat: KindDrawing<"hat"> = {
  plate: ({ piece, size, paint, id }) => (
    <g transform={`translate(${size / 2}, ${size / 2 + 3})`}>
      <HatShape hat={piece} paint={paint} id={id} />
    </g>
  ),
  // A beret hangs over to one side.
  box: ({ figures: { form, brim } }) => ({
    width: form === "beret" ? 36 : 2 * (10 + brim) + 4,
    height: 22,
  }),
  asWorn: ({ worn, frame, paint, id }) => (
    <g transform={`translate(0, ${-0.9685 * frame.body.height}) scale(${frame.body.height / 168})`}>
      <HatShape hat={worn.piece} paint={paint} id={id} />
    </g>
  ),
  caption: ({ form, brim }, say) => [form, brim > 0 ? sayWith(drawingWords.brim, { brim: say(brim) }) : ""],
};
