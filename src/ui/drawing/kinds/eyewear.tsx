import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { Glasses } from "../plates/glasses";
import type { KindDrawing } from "./kind-drawing";

export const eyewear: KindDrawing<"eyewear"> = {
  plate: ({ piece, size, paint }) => (
    <g transform={`translate(${size / 2}, ${size / 2})`}>
      <Glasses eyewear={piece} paint={paint} />
    </g>
  ),
  box: () => ({ width: 17, height: 9 }),
  asWorn: ({ worn, frame, paint }) => (
    <g transform={`translate(0, ${-0.935 * frame.body.height}) scale(0.94)`}>
      <Glasses eyewear={worn.piece} paint={paint} />
    </g>
  ),
  caption: ({ form, filter }) => [form, filter > 0 ? sayWith(drawingWords.filter, { filter }) : ""],
};
