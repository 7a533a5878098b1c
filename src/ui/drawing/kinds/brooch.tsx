import { Brooch } from "../plates/brooch";
import type { KindDrawing } from "./kind-drawing";

export const brooch: KindDrawing<"brooch"> = {
  plate: ({ piece: { figures }, size, paint, id }) => (
    <g transform={`translate(${size / 2}, ${size / 2})`}>
      <Brooch form={figures.form} across={figures.width} paint={paint} id={id} />
    </g>
  ),
  box: ({ figures }) => ({ width: figures.width + 2, height: figures.width + 2 }),
  asWorn: ({ worn: { piece, extent }, frame, paint, id }) => (
    <g transform={`translate(${-frame.shoulderHalf * 0.5}, ${-(extent.from + extent.to) / 2})`}>
      <Brooch form={piece.figures.form} across={piece.figures.width} paint={paint} id={id} />
    </g>
  ),
  caption: ({ form, width }, say) => [form, say(width)],
};
