import type { PieceOf } from "@/core/piece/piece";
import { metalColour } from "../metal-colour";
import type { Paint } from "../paint";

interface BeltPlateProps {
  readonly belt: PieceOf<"belt">;
  readonly paint: Paint;
  readonly size: number;
}

/** A belt rolled into a loop, buckle to the front. */
export function BeltPlate({ belt, paint, size }: BeltPlateProps) {
  const metal = metalColour(belt) ?? "#8a8a8a";
  const w = Math.max(1.4, belt.figures.width);
  const middle = size / 2;
  const woven = belt.finish === "raffia" || belt.finish === "rope";
  return (
    <g fill="none">
      <ellipse
        cx={middle}
        cy={middle - 1}
        rx={11.5}
        ry={5.4}
        stroke={paint.line}
        strokeOpacity={0.55}
        strokeWidth={w + 0.3}
      />
      <ellipse cx={middle} cy={middle - 1} rx={11.5} ry={5.4} stroke={paint.ground} strokeWidth={w} />
      {woven && (
        <ellipse
          cx={middle}
          cy={middle - 1}
          rx={11.5}
          ry={5.4}
          stroke={paint.line}
          strokeOpacity={0.45}
          strokeWidth={w}
          strokeDasharray="0.35 0.75"
        />
      )}
      <path
        d={`M ${middle - 1} ${middle + 4.5} L ${middle + 12} ${middle + 5.6}`}
        stroke={paint.line}
        strokeOpacity={0.6}
        strokeWidth={w + 0.3}
      />
      <path
        d={`M ${middle - 1} ${middle + 4.5} L ${middle + 12} ${middle + 5.6}`}
        stroke={paint.ground}
        strokeWidth={w}
      />
      <rect
        x={middle - 3}
        y={middle + 4.4 - (w + 1.4) / 2}
        width={3.4}
        height={w + 1.4}
        rx={0.6}
        stroke={metal}
        strokeWidth={0.8}
      />
      <path
        d={`M ${middle - 2.8} ${middle + 4.4} L ${middle + 1} ${middle + 4.5}`}
        stroke={metal}
        strokeWidth={0.5}
      />
    </g>
  );
}
