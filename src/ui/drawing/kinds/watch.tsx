import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { WristBand } from "../figure/worn/wrist-band";
import { metalColour } from "../metal-colour";
import { tonesOf } from "../cloth/tones";
import { Shape } from "../cloth/shape";
import { ring as circle, Wire } from "../metalwork";
import type { KindDrawing } from "./kind-drawing";

export const watch: KindDrawing<"watch"> = {
  plate({ piece, size, paint, id }) {
    const middle = size / 2;
    const metal = metalColour(piece) ?? "#8a8a8a";
    const r = piece.figures.face / 2;
    const strap = piece.figures.strapMade === "metal" ? metal : (piece.swatches[0]?.hex ?? metal);
    const isMetal = piece.figures.strapMade === "metal";
    const links = isMetal ? linesAcross(middle, r * 0.7, 5.2, r) : [];
    const strapPaint = { ...paint, fill: strap, ground: strap, tones: tonesOf(strap) };
    return (
      <g>
        <Shape
          id={id}
          width={0.1}
          paint={strapPaint}
          parts={[
            {
              d: `M ${middle - r * 0.72} ${middle} L ${middle - r * 0.5} ${middle - 5.2} Q ${middle} ${middle - 5.5} ${middle + r * 0.5} ${middle - 5.2} L ${middle + r * 0.72} ${middle} L ${middle + r * 0.5} ${middle + 5.2} Q ${middle} ${middle + 5.7} ${middle - r * 0.5} ${middle + 5.2} Z`,
            },
          ]}
          shades={[`M ${middle + r * 0.28} ${middle - 6} V ${middle + 6} H ${middle + r} V ${middle - 6} Z`]}
          seams={links}
          stitches={
            isMetal
              ? []
              : [-1, 1].map(
                  (side) =>
                    `M ${middle + side * r * 0.52} ${middle - 1} L ${middle + side * r * 0.38} ${middle - 4.8} M ${middle + side * r * 0.52} ${middle + 1} L ${middle + side * r * 0.38} ${middle + 4.8}`,
                )
          }
        />
        <circle cx={middle} cy={middle} r={r} fill="#f4f4f2" />
        <path
          d={Array.from({ length: 12 }, (_, i) => {
            const turn = (i * Math.PI) / 6;
            const at = (share: number) =>
              `${(middle + r * share * Math.sin(turn)).toFixed(2)} ${(middle - r * share * Math.cos(turn)).toFixed(2)}`;
            return `M ${at(0.72)} L ${at(i % 3 === 0 ? 0.58 : 0.65)}`;
          }).join(" ")}
          stroke="#222"
          strokeWidth={0.07}
        />
        <path
          d={`M ${middle} ${middle} L ${middle} ${middle - r * 0.62} M ${middle} ${middle} L ${middle + r * 0.38} ${middle + r * 0.2}`}
          stroke="#222"
          strokeWidth={0.13}
          strokeLinecap="round"
        />
        <Wire d={circle(middle, middle, r)} colour={metal} width={0.4} />
        <Wire d={`M${middle + r + 0.2} ${middle}h0.2`} colour={metal} width={0.4} />
      </g>
    );
  },
  box: () => ({ width: 9, height: 11 }),
  asWorn: ({ worn: { asWorn }, frame, paint }) => (
    <WristBand piece={asWorn} side={-1} tall={asWorn.figures.face} frame={frame} paint={paint} />
  ),
  hangs: "on the arms",
  caption: ({ strapMade }) => [sayWith(drawingWords.strapLabel, { strapMade })],
};

/** The links of a metal strap: lines across it, above and below the face. */
function linesAcross(middle: number, half: number, long: number, face: number): string[] {
  const count = Math.floor((long - face) / 0.55);
  return Array.from({ length: count }, (_, i) => face + 0.3 + i * 0.55).flatMap((y) => [
    `M ${middle - half} ${middle - y} H ${middle + half}`,
    `M ${middle - half} ${middle + y} H ${middle + half}`,
  ]);
}
