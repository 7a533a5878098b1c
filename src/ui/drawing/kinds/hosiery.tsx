import { Shape } from "../cloth/shape";
import { legEdges, legPath, rightOf } from "../figure/limbs";
import { shadeAlong } from "../figure/path";
import { hosieryHeight, HosieryPlate, opacityOf } from "../plates/hosiery-plate";
import type { KindDrawing } from "./kind-drawing";

export const hosiery: KindDrawing<"hosiery"> = {
  plate: ({ piece, size, paint, id }) => <HosieryPlate hosiery={piece} size={size} paint={paint} id={id} />,
  box: (piece) => ({ width: 44, height: hosieryHeight(piece) + 6 }),
  asWorn({ worn: { piece, extent }, frame, paint, id }) {
    const top = Math.min(extent.to, frame.body.measures.crotch.cm);
    const sheer = { ...paint, surface: { ...paint.surface, cover: opacityOf(piece.figures.denier) } };
    return (
      <Shape
        id={id}
        parts={[1, -1].map((side) => ({ d: legPath(frame, side, { from: 0, to: top }, 0.1) }))}
        paint={sheer}
        width={0.18}
        shades={[1, -1].map((side) => shadeAlong(rightOf(legEdges(frame, 0, top, 0.1), side), 2.2))}
      />
    );
  },
  caption: ({ form, denier }) => [form, `${denier} den`],
};
