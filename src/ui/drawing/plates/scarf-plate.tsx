import type { PieceOf } from "@/core/piece/piece";
import { paintOf } from "../paint";

interface Props {
  readonly scarf: PieceOf<"scarf">;
  readonly scope: string;
  readonly size: number;
}

/** A scarf folded once and laid down, its edge in the trim colour. */
export function ScarfPlate({ scarf, scope, size }: Props) {
  const paint = paintOf(scarf, scope);
  const trim = scarf.swatches.find(({ role }) => role === "trim")?.hex ?? paint.ground;
  const square = Math.abs(scarf.figures.sideA - scarf.figures.sideB) < 20;
  const middle = size / 2;
  const top = middle - 34;
  const bottom = middle + 34;
  if (square)
    return (
      <g strokeLinejoin="round">
        {paint.defs && <defs>{paint.defs}</defs>}
        <path
          d={`M ${middle - 31} ${middle - 16} L ${middle + 31} ${middle - 16} L ${middle} ${middle + 18} Z`}
          fill={paint.fill}
          stroke={trim}
          strokeWidth={2.4}
        />
        <path
          d={`M ${middle - 32.6} ${middle - 17} L ${middle + 32.6} ${middle - 17} L ${middle} ${middle + 19.6} Z`}
          fill="none"
          stroke={paint.line}
          strokeWidth={0.4}
        />
      </g>
    );
  const half = Math.min(16, scarf.figures.sideB / 4);
  return (
    <g strokeLinejoin="round">
      {paint.defs && <defs>{paint.defs}</defs>}
      <path
        d={`M ${middle - half - 3} ${top} L ${middle + half - 3} ${top} L ${middle + half - 7} ${bottom} L ${middle - half - 7} ${bottom} Z`}
        fill={paint.fill}
        stroke={paint.line}
        strokeWidth={0.5}
      />
      <path
        d={`M ${middle - half + 3} ${top} L ${middle + half + 3} ${top} L ${middle + half + 9} ${bottom - 8} L ${middle - half + 9} ${bottom - 8} Z`}
        fill={paint.fill}
        stroke={paint.line}
        strokeWidth={0.5}
      />
      {[-0.8, -0.4, 0, 0.4, 0.8].map((x) => (
        <path
          key={x}
          d={`M ${middle + 9 + x * half} ${bottom - 8} l 0 4`}
          stroke={paint.ground}
          strokeWidth={0.9}
        />
      ))}
    </g>
  );
}
