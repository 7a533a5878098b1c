import { legPath } from "../figure/limbs";
import { hosieryHeight, HosieryPlate, opacityOf } from "../plates/hosiery-plate";
import type { KindDrawing } from "./kind-drawing";

export const hosiery: KindDrawing<"hosiery"> = {
  plate: ({ piece, size }) => <HosieryPlate hosiery={piece} size={size} />,
  box: (piece) => ({ width: 44, height: hosieryHeight(piece) + 6 }),
  asWorn({ worn: { piece, extent }, frame, paint }) {
    const top = Math.min(extent.to, frame.body.measures.crotch.cm);
    const opacity = opacityOf(piece.figures.denier);
    return (
      <g fill={paint.ground} fillOpacity={opacity} stroke={paint.line} strokeWidth={0.2}>
        {[1, -1].map((side) => (
          <path key={side} d={legPath(frame, side, 0, top, 0.1)} />
        ))}
      </g>
    );
  },
  caption: ({ form, denier }) => [form, `${denier} den`],
};
