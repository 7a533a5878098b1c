import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { ClosedUmbrella } from "../plates/closed-umbrella";
import type { KindDrawing } from "./kind-drawing";

export const umbrella: KindDrawing<"umbrella"> = {
  plate: ({ piece, size, paint, id }) => (
    <g transform={`translate(${size / 2}, ${(size - piece.figures.length) / 2})`}>
      <ClosedUmbrella umbrella={piece} paint={paint} id={id} />
    </g>
  ),
  box: ({ figures }) => ({ width: 26, height: figures.length + 6 }),
  asWorn: ({ worn: { piece, extent }, frame, paint, id }) => (
    <g transform={`translate(${-frame.wrist.x - 1.5}, ${-extent.to}) rotate(-2)`}>
      <ClosedUmbrella umbrella={piece} paint={paint} id={id} />
    </g>
  ),
  hangs: "from the hand",
  caption: ({ form, length }, say) => [form, sayWith(drawingWords.long, { length: say(length) })],
};
