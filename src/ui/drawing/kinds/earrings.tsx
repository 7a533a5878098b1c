import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { metalColour } from "../metal-colour";
import { Earring } from "../plates/earring";
import type { KindDrawing } from "./kind-drawing";

export const earrings: KindDrawing<"earrings"> = {
  plate({ piece, size }) {
    const middle = size / 2;
    const metal = metalColour(piece) ?? "#8a8a8a";
    const stone = piece.swatches[0]?.hex ?? metal;
    const top = middle - piece.figures.drop / 2 - 0.4;
    return (
      <g>
        {[middle - 1.8, middle + 1.8].map((x) => (
          <Earring key={x} piece={piece} x={x} top={top} metal={metal} stone={stone} />
        ))}
      </g>
    );
  },
  box: ({ figures }) => ({ width: 8, height: Math.max(4, figures.drop + 2) }),
  asWorn({ worn: { piece, extent }, frame, paint }) {
    const metal = metalColour(piece) ?? "#888888";
    const { drop, width, form } = piece.figures;
    const at = { cx: 0.047 * frame.body.height, cy: -(extent.to - drop / 2) };
    return (
      <g>
        {[1, -1].map((side) =>
          form === "hoop" ? (
            <circle
              key={side}
              cx={side * at.cx}
              cy={at.cy}
              r={width / 2}
              fill="none"
              stroke={metal}
              strokeWidth={0.4}
            />
          ) : (
            <ellipse
              key={side}
              cx={side * at.cx}
              cy={at.cy}
              rx={Math.max(0.5, width / 2)}
              ry={Math.max(0.5, drop / 2)}
              fill={paint.ground}
              stroke={metal}
              strokeWidth={0.2}
            />
          ),
        )}
      </g>
    );
  },
  caption: ({ form, drop }, say) => [form, sayWith(drawingWords.drop, { drop: say(drop) })],
};
