import { HatShape } from "../plates/hat-shape";
import type { KindDrawing } from "./kind-drawing";

export const hat: KindDrawing<"hat"> = {
  plate: ({ piece, size }) => (
    <g transform={`translate(${size / 2}, ${size / 2 + 3})`}>
      <HatShape hat={piece} />
    </g>
  ),
  box: ({ figures }) => ({ width: 2 * (10 + figures.brim) + 4, height: 20 }),
  asWorn: ({ worn, frame }) => (
    <g transform={`translate(0, ${-0.966 * frame.body.height})`}>
      <HatShape hat={worn.piece} />
    </g>
  ),
  caption: ({ form, brim }, say) => [form, brim > 0 ? `brim ${say(brim)}` : ""],
};
