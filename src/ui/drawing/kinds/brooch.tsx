import { isScarfRing } from "@/core/piece/tied-scarf";
import { Brooch } from "../plates/brooch";
import type { KindDrawing } from "./kind-drawing";

export const brooch: KindDrawing<"brooch"> = {
  plate: ({ piece: { figures }, size, paint, id }) => (
    <g transform={`translate(${size / 2}, ${size / 2})`}>
      <Brooch form={figures.form} across={figures.width} paint={paint} id={id} />
    </g>
  ),
  box: ({ figures }) => ({ width: figures.width + 2, height: figures.width + 2 }),
  // A scarf that is drawn through its ring shows it itself.
  asWorn: ({ worn: { piece, extent }, dressed, frame, paint, id }) =>
    isScarfRing(piece) && dressed.tied?.answer.possible ? null : (
      <g transform={`translate(${-frame.shoulderHalf * 0.5}, ${-(extent.from + extent.to) / 2})`}>
        <Brooch form={piece.figures.form} across={piece.figures.width} paint={paint} id={id} />
      </g>
    ),
  caption: ({ form, width }, say) => [form, say(width)],
};
