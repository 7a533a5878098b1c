import { pocketFolds } from "@/core/piece/kinds/pocket-square";
import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { PocketFold } from "../plates/pocket-fold";
import type { KindDrawing } from "./kind-drawing";

/** How wide a breast pocket is, cm. */
const pocket = 9;

export const pocketSquare: KindDrawing<"pocket square"> = {
  plate: ({ piece, size, paint, id }) => (
    <g transform={`translate(${size / 2}, ${size / 2 + pocketFolds[piece.figures.fold] / 2})`}>
      <PocketFold square={piece} width={pocket} paint={paint} id={id} />
    </g>
  ),
  box: ({ figures }) => ({ width: pocket + 4, height: pocketFolds[figures.fold] + 4 }),
  asWorn: ({ worn: { piece, extent }, frame, paint, id }) => (
    <g transform={`translate(${frame.shoulderHalf * 0.46}, ${-extent.from}) rotate(-3)`}>
      <PocketFold square={piece} width={pocket * 0.82} paint={paint} id={id} />
    </g>
  ),
  caption: ({ side, fold }, say) => [sayWith(drawingWords.square, { side: say(side) }), fold],
};
