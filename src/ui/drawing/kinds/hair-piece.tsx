import type { KindDrawing } from "./kind-drawing";

export const hairPiece: KindDrawing<"hair piece"> = {
  plate({ piece: { figures, swatches }, size }) {
    const m = size / 2;
    const { width } = figures;
    return (
      <path
        d={`M ${m - width / 2} ${m} q ${width / 2} -4 ${width} 0`}
        fill="none"
        stroke={swatches[0]?.hex ?? "#777777"}
        strokeWidth={1.4}
      />
    );
  },
  box: ({ figures }) => ({ width: figures.width + 4, height: 8 }),
  asWorn({ worn, frame, paint }) {
    const { width } = worn.piece.figures;
    return (
      <path
        d={`M ${-width / 2} ${-0.985 * frame.body.height} q ${width / 2} -2 ${width} 0`}
        fill="none"
        stroke={paint.ground}
        strokeWidth={1}
      />
    );
  },
  caption: ({ form, width }, say) => [form, say(width)],
};
