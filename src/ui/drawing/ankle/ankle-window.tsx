import { useId } from "react";
import type { Dressed } from "@/core/dressing/dressed";
import { sayLength, type LengthUnit } from "@/core/length/length";
import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { paintOf } from "../paint";
import { ShoeDrawing } from "../shoe-drawing";
import { Dimensions } from "./dimensions";
import { dimensionsOf, rightOf } from "./dimensions-of";
import { SkinAndHosiery, TrouserSection } from "./leg-section";
import { legSideOf, view } from "./view";

interface Props {
  readonly dressed: Dressed;
  readonly unit: LengthUnit;
  readonly className?: string;
}

/** The ankle from the side, enlarged: hem, turn-up, shaft, sock and skin, with their figures. */
export function AnkleWindow({ dressed, unit, className }: Props) {
  const scope = useId();
  const side = legSideOf(dressed);
  const { lift } = dressed;
  const shoe = dressed.worn.find((worn) => worn.piece.kind === "shoe")?.piece;
  const tucked = dressed.leg?.fit?.meeting === "tucked";
  const right = rightOf(dressed, side);
  const width = right - view.left;
  const height = view.reach + lift + view.belowFloor;
  const paint = shoe && paintOf(shoe, scope);
  const drawnShoe = shoe?.kind === "shoe" && paint && (
    <g transform={`translate(0, ${-lift})`}>
      {paint.defs && <defs>{paint.defs}</defs>}
      <ShoeDrawing shoe={shoe} foot={side.foot} paint={paint} id={`${scope}-shoe`} />
    </g>
  );
  return (
    <svg
      viewBox={`${view.left} ${-view.reach} ${width} ${height}`}
      preserveAspectRatio="xMidYMax meet"
      className={className}
      role="img"
      aria-label={describe(dressed, unit)}
    >
      <g transform="scale(1,-1)">
        <SkinAndHosiery dressed={dressed} side={side} />
        {!tucked && drawnShoe}
        <TrouserSection dressed={dressed} side={side} scope={scope} />
        {tucked && drawnShoe}
      </g>
      <line x1={view.left} x2={right} y1={lift} y2={lift} stroke="var(--figure-ink)" strokeWidth={0.25} />
      <text x={right - 1} y={lift + 2} textAnchor="end" fontSize={1.7} fill="var(--figure-ink)">
        {drawingWords.floor}
      </text>
      <Dimensions dressed={dressed} side={side} unit={unit} />
    </svg>
  );
}

function describe(dressed: Dressed, unit: LengthUnit): string {
  const { chain, whole, meeting } = dimensionsOf(dressed);
  const all = [...chain, ...(whole ? [whole] : []), ...(meeting ? [meeting] : [])];
  return sayWith(drawingWords.ankleFromTheSide, {
    parts: all.map(({ label, from, to }) => `${label} ${sayLength(to - from, unit)}`).join(", "),
  });
}
