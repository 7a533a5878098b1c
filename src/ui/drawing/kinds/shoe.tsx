import type { PieceOf } from "@/core/piece/piece";
import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { Shoes } from "../figure/worn/shoes";
import { ShoeDrawing } from "../shoe-drawing";
import { lengthOf } from "../shoe-side";
import type { KindDrawing } from "./kind-drawing";

/** Length of the foot that plates are drawn on, cm. */
export const foot = 25;

export const shoe: KindDrawing<"shoe"> = {
  plate: ({ piece, size, paint, id }) => (
    <g
      transform={`translate(${(size - lengthOf(piece.figures, foot)) / 2}, ${size / 2 + tall(piece) / 2}) scale(1,-1)`}
    >
      <ShoeDrawing shoe={piece} foot={foot} paint={paint} id={id} empty />
    </g>
  ),
  box: (piece) => ({ width: foot + 6, height: tall(piece) + 2.5 }),
  asWorn: ({ worn, dressed, frame, paint, id }) => (
    <Shoes shoe={worn.piece} dressed={dressed} frame={frame} paint={paint} id={id} />
  ),
  caption: ({ form, lift, toe, shaft }, say) => [
    form,
    sayWith(drawingWords.heel, { lift: say(lift) }),
    shaft === null ? `${toe} toe` : sayWith(drawingWords.shaft, { shaft: say(shaft) }),
  ],
};

/** From the floor to the top of a shoe as drawn, cm. */
export function tall({ figures: { lift, shaft, form } }: PieceOf<"shoe">): number {
  const strapped = form === "sandal" || form === "thong";
  return lift + (shaft ?? (strapped ? 9.6 : 7));
}
