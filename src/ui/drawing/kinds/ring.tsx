import { metalColour } from "../metal-colour";
import { lineOn } from "../paint";
import type { KindDrawing } from "./kind-drawing";

export const ring: KindDrawing<"ring"> = {
  plate({ piece, size }) {
    const middle = size / 2;
    const metal = metalColour(piece) ?? "#8a8a8a";
    const stone = piece.swatches[0]?.hex ?? metal;
    return (
      <g fill="none">
        <circle cx={middle} cy={middle + 0.4} r={1.1} stroke={metal} strokeWidth={0.35} />
        <circle
          cx={middle}
          cy={middle - 0.8}
          r={Math.max(0.3, piece.figures.width / 2.4)}
          fill={stone}
          stroke={lineOn(stone)}
          strokeWidth={0.08}
        />
      </g>
    );
  },
  box: () => ({ width: 5, height: 4.5 }),
  asWorn({ frame, paint }) {
    const H = frame.body.height;
    return (
      <circle
        cx={frame.wrist.x + 0.012 * H}
        cy={-(frame.wrist.height - 0.06 * H)}
        r={0.5}
        fill={paint.ground}
      />
    );
  },
  hangs: "on the arms",
  caption: ({ width }, say) => [say(width)],
};
