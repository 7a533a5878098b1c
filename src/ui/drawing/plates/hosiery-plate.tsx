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
        d={tall < low ? shoeHigh(top) : legHigh(top)}
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

/** Up to which height hosiery shows no leg, cm. */
const low = 16;

const foot = "C6 -5 13 -4.6 18 -2.8Q20 0 17 0L-2 0Q-5.6 -1.6 -4 -7";

function legHigh(top: number): string {
  return `M-4.6 ${top}L6.8 ${top}C6.4 ${top * 0.6} 4.6 ${top * 0.35} 3.8 -8${foot}C-4.6 ${top * 0.3} -6.8 ${top * 0.55} -4.6 ${top}Z`;
}

function shoeHigh(top: number): string {
  return `M-4.4 ${top}H${Math.min(7, -top * 0.55)}C9 ${top * 0.5} 13 -4.4 18 -2.8Q20 0 17 0L-2 0Q-5.8 -1.4 -4.6 ${top * 0.6}Z`;
}

/** The height of a leg of hosiery as drawn, cm. */
export function hosieryHeight({ figures }: PieceOf<"hosiery">): number {
  return heights[figures.form];
}

/** How much of the cloth's own colour is seen, 0-1: about half at 20 denier, nearly all from 80. */
export function opacityOf(denier: number): number {
  return 1 - Math.exp(-denier / 30) * 0.95;
}
