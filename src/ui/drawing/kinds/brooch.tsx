import { metalColour } from "../metal-colour";
import { lineOn } from "../paint";
import { Brooch } from "../plates/brooch";
import type { KindDrawing } from "./kind-drawing";

export const brooch: KindDrawing<"brooch"> = {
  plate({ piece, size }) {
    const fill = piece.swatches[0]?.hex ?? metalColour(piece) ?? "#8a8a8a";
    const { form, width } = piece.figures;
    return <Brooch form={form} across={width} middle={size / 2} fill={fill} line={lineOn(fill)} />;
  },
  box: ({ figures }) => ({ width: figures.width + 2, height: figures.width + 2 }),
  asWorn({ worn: { piece, extent }, frame, paint }) {
    const { form, width } = piece.figures;
    return (
      <g transform={`translate(${-frame.shoulderHalf * 0.5}, ${-(extent.from + extent.to) / 2})`}>
        <Brooch form={form} across={width} middle={0} fill={paint.ground} line={paint.line} />
      </g>
    );
  },
  caption: ({ form, width }, say) => [form, say(width)],
};
