import { metalColour } from "../metal-colour";
import { HairPiece } from "../plates/hair-piece";
import type { KindDrawing } from "./kind-drawing";

export const hairPiece: KindDrawing<"hair piece"> = {
  plate: ({ piece, size, paint, id }) => (
    <g transform={`translate(${size / 2}, ${size / 2})`}>
      <HairPiece figures={piece.figures} metal={metalColour(piece)} paint={paint} id={id} />
    </g>
  ),
  box: ({ figures }) => ({ width: figures.width + 4, height: 8 }),
  asWorn: ({ worn: { piece }, frame, paint, id }) => (
    <g transform={`translate(0, ${-0.985 * frame.body.height})`}>
      <HairPiece figures={piece.figures} metal={metalColour(piece)} paint={paint} id={id} />
    </g>
  ),
  caption: ({ form, width }, say) => [form, say(width)],
};
