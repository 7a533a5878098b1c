import type { Dressed } from "@/core/dressing/dressed";
import { sayLength, type LengthUnit } from "@/core/length/length";
import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { Label } from "../label";
import { dimensionsOf, lineHeight, placeDimensions, rightOf, type PlacedDimension } from "./dimensions-of";
import { view, type LegSide } from "./view";

interface DimensionsProps {
  readonly dressed: Dressed;
  readonly side: LegSide;
  readonly unit: LengthUnit;
}

/** Dimension lines in places of their own: behind the heel, before the shin, beyond the toe. */
export function Dimensions({ dressed, side, unit }: DimensionsProps) {
  const placed = placeDimensions(dressed, side);
  const { whole } = dimensionsOf(dressed);
  return (
    <g
      fontSize={2}
      fill="var(--figure-ink)"
      stroke="var(--figure-ink)"
      strokeWidth={0.14}
      className="tabular"
    >
      {placed.map((dimension) => (
        <Line key={dimension.label} {...dimension} />
      ))}
      {placed.map((dimension) => (
        <Label
          key={dimension.label}
          x={dimension.labelX}
          y={-dimension.labelAt - 0.3}
          anchor={dimension.anchor}
          label={dimension.label}
          figure={sayLength(dimension.to - dimension.from, unit)}
          letters={1.7}
          line={lineHeight}
        />
      ))}
      {whole && whole.to > view.reach && (
        <text x={rightOf(dressed, side) - 1} y={-view.reach + 3} textAnchor="end" stroke="none">
          {sayWith(drawingWords.hemAboveTheFloor, { height: sayLength(whole.to - whole.from, unit) })}
        </text>
      )}
    </g>
  );
}

function Line({ from, to, x, towards }: PlacedDimension) {
  return (
    <g>
      <line x1={x} x2={x} y1={-from} y2={-to} />
      {[from, to].map((h) => (
        <g key={h}>
          <line x1={x - 0.6} x2={x + 0.6} y1={-h + 0.6} y2={-h - 0.6} strokeWidth={0.22} />
          <line x1={x} x2={towards} y1={-h} y2={-h} strokeDasharray="0.4 0.5" strokeOpacity={0.5} />
        </g>
      ))}
    </g>
  );
}
