import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { WristBand } from "../figure/worn/wrist-band";
import { metalColour } from "../metal-colour";
import { lineOn } from "../paint";
import type { KindDrawing } from "./kind-drawing";

export const watch: KindDrawing<"watch"> = {
  plate({ piece, size }) {
    const middle = size / 2;
    const metal = metalColour(piece) ?? "#8a8a8a";
    const r = piece.figures.face / 2;
    const strap = piece.figures.strapMade === "metal" ? metal : (piece.swatches[0]?.hex ?? metal);
    return (
      <g>
        <rect
          x={middle - r * 0.6}
          y={middle - 5}
          width={r * 1.2}
          height={10}
          rx={0.4}
          fill={strap}
          stroke={lineOn(strap)}
          strokeWidth={0.1}
        />
        <circle cx={middle} cy={middle} r={r} fill="#f4f4f2" stroke={metal} strokeWidth={0.45} />
        <path
          d={`M ${middle} ${middle} L ${middle} ${middle - r * 0.62} M ${middle} ${middle} L ${middle + r * 0.42} ${middle + r * 0.2}`}
          stroke="#222"
          strokeWidth={0.16}
        />
      </g>
    );
  },
  box: () => ({ width: 9, height: 11 }),
  asWorn: ({ worn: { piece }, frame, paint }) => (
    <WristBand piece={piece} side={-1} tall={piece.figures.face} frame={frame} paint={paint} />
  ),
  hangs: "on the arms",
  caption: ({ strapMade }) => [sayWith(drawingWords.strapLabel, { strapMade })],
};
