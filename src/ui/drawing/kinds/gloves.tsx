import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { lineOn } from "../paint";
import type { KindDrawing } from "./kind-drawing";

export const gloves: KindDrawing<"gloves"> = {
  plate({ piece, size }) {
    const hex = piece.swatches[0]?.hex ?? "#777777";
    const m = size / 2;
    const cuff = piece.figures.length;
    return (
      <g fill={hex} stroke={lineOn(hex)} strokeWidth={0.3} strokeLinejoin="round">
        {[-6.5, 5].map((x) => (
          <path
            key={x}
            d={`M ${m + x - 3} ${m + 6 + cuff * 0.4} L ${m + x - 3.6} ${m - 2} L ${m + x - 3.2} ${m - 10} q 0.8 -1.4 1.6 0 L ${m + x - 1.4} ${m - 4} L ${m + x - 1} ${m - 11.5} q 0.8 -1.4 1.6 0 L ${m + x + 0.8} ${m - 4} L ${m + x + 1.4} ${m - 10.5} q 0.8 -1.3 1.6 0 L ${m + x + 3} ${m - 3} L ${m + x + 4.6} ${m - 5} q 1.6 -0.4 1.2 1.2 L ${m + x + 3} ${m + 2} L ${m + x + 3.4} ${m + 6 + cuff * 0.4} Z`}
          />
        ))}
      </g>
    );
  },
  box: () => ({ width: 26, height: 26 }),
  asWorn({ frame, paint }) {
    const H = frame.body.height;
    return (
      <g fill={paint.ground} stroke={paint.line} strokeWidth={0.2}>
        {[1, -1].map((side) => (
          <ellipse
            key={side}
            cx={side * (frame.wrist.x + 0.012 * H)}
            cy={-(frame.wrist.height - 0.045 * H)}
            rx={0.021 * H}
            ry={0.056 * H}
          />
        ))}
      </g>
    );
  },
  hangs: "on the arms",
  caption: ({ length }, say) => [sayWith(drawingWords.overTheWrist, { length: say(length) })],
};
