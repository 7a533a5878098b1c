import { metalColour } from "../metal-colour";
import { ring as circle, Stone, Wire } from "../metalwork";
import type { KindDrawing } from "./kind-drawing";

/** Half the width of a finger, cm. */
const finger = 1;

export const ring: KindDrawing<"ring"> = {
  plate({ piece, size }) {
    const middle = size / 2;
    const metal = metalColour(piece) ?? "#8a8a8a";
    const stone = piece.swatches[0]?.hex ?? metal;
    return (
      <g>
        <Wire d={circle(middle, middle + 0.4, finger, finger * 0.94)} colour={metal} width={0.3} />
        <Stone
          cx={middle}
          cy={middle - finger * 0.6}
          rx={Math.max(0.3, piece.figures.width / 2.4)}
          colour={stone}
        />
      </g>
    );
  },
  box: () => ({ width: 4.2, height: 4.2 }),
  asWorn({ frame, paint }) {
    const H = frame.body.height;
    return (
      <Stone
        cx={frame.wrist.x + 0.012 * H}
        cy={-(frame.wrist.height - 0.06 * H)}
        rx={0.5}
        colour={paint.ground}
      />
    );
  },
  hangs: "on the arms",
  caption: ({ width }, say) => [say(width)],
};
