import type { PieceOf } from "@/core/piece/piece";
import { lineOn } from "../paint";

/** Height of what is drawn, cm, by form. */
const heights = {
  tights: 84,
  "hold-up": 70,
  "knee-high": 42,
  "boot sock": 32,
  "crew sock": 24,
  "ankle sock": 14,
  liner: 8,
} as const;

/** A leg of hosiery from the side; the fewer the denier, the more shows through. */
export function HosieryPlate({
  hosiery,
  size,
}: {
  readonly hosiery: PieceOf<"hosiery">;
  readonly size: number;
}) {
  const hex = hosiery.swatches[0]?.hex ?? "#777777";
  const tall = heights[hosiery.figures.form];
  const opacity = opacityOf(hosiery.figures.denier);
  const top = -tall;
  return (
    <g transform={`translate(${size / 2 - 8}, ${size / 2 + tall / 2})`}>
      <path
        d={`M -4.6 ${top} L 6.8 ${top} C 6.4 ${top * 0.6} 4.6 ${top * 0.35} 3.8 -8 C 6 -5 13 -4.6 18 -2.8 Q 20 0 17 0 L -2 0 Q -5.6 -1.6 -4 -7 C -4.6 ${top * 0.3} -6.8 ${top * 0.55} -4.6 ${top} Z`}
        fill={hex}
        fillOpacity={opacity}
        stroke={lineOn(hex)}
        strokeWidth={0.5}
      />
      <path
        d={`M -4.6 ${top + 2.4} L 6.8 ${top + 2.4}`}
        stroke={lineOn(hex)}
        strokeWidth={0.4}
        strokeOpacity={0.6}
      />
    </g>
  );
}

/** The height of a leg of hosiery as drawn, cm. */
export function hosieryHeight({ figures }: PieceOf<"hosiery">): number {
  return heights[figures.form];
}

/** How much of the cloth's own colour is seen, 0-1: about half at 20 denier, nearly all from 80. */
export function opacityOf(denier: number): number {
  return 1 - Math.exp(-denier / 30) * 0.95;
}
