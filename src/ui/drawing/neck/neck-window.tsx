import { useId } from "react";
import type { Dressed } from "@/core/dressing/dressed";
import { sayLength, type LengthUnit } from "@/core/length/length";
import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { DressedBody } from "../figure/dressed-body";
import { frameOf } from "../figure/frame";
import { Label } from "../label";
import { dropsOf, neckLine, neckView, placeDrops, type PlacedDrop } from "./drops";

interface Props {
  readonly dressed: Dressed;
  readonly unit: LengthUnit;
  readonly className?: string;
}

/** The neck enlarged: neckline, chains, scarf, collar and earrings, with the drops below the side neck points. */
export function NeckWindow({ dressed, unit, className }: Props) {
  const scope = useId();
  const { half, down } = neckView;
  const frame = frameOf(dressed.body);
  const { height, measures } = dressed.body;
  const neck = measures.neckPoint.cm;
  const top = height + 5;
  return (
    <svg
      viewBox={`${-half} ${-top} ${2 * half} ${top - neck + down}`}
      preserveAspectRatio="xMidYMid meet"
      className={className}
      role="img"
      aria-label={describe(dressed, unit)}
    >
      <DressedBody
        dressed={{ ...dressed, worn: dressed.worn.filter(({ slot }) => slot !== "bag" && slot !== "gloves") }}
        frame={frame}
        scope={scope}
      />
      <g
        stroke="var(--figure-ink)"
        strokeWidth={0.16}
        fill="var(--figure-ink)"
        fontSize={2.3}
        className="tabular"
      >
        <line x1={-half} x2={half} y1={-neck} y2={-neck} strokeDasharray="0.5 0.6" strokeOpacity={0.6} />
        {placeDrops(dressed).map((drop) => (
          <Dimension key={`${drop.x} ${drop.label}`} neck={neck} drop={drop} unit={unit} />
        ))}
      </g>
    </svg>
  );
}

interface DimensionProps {
  readonly neck: number;
  readonly drop: PlacedDrop;
  readonly unit: LengthUnit;
}

function Dimension({ neck, drop, unit }: DimensionProps) {
  const { x, cm, label, labelX, labelAt, anchor } = drop;
  const lines = [
    `M ${x} ${-neck} V ${-neck + cm}`,
    ...[0, cm].map((mark) => `M ${x - 0.7} ${-neck + mark + 0.7} L ${x + 0.7} ${-neck + mark - 0.7}`),
  ].join(" ");
  return (
    <g>
      <path
        d={`M ${x} ${-neck + cm} H 0`}
        stroke="var(--ground)"
        strokeWidth={0.5}
        strokeOpacity={0.7}
        fill="none"
      />
      <path d={`M ${x} ${-neck + cm} H 0`} strokeDasharray="0.5 0.6" fill="none" />
      <path d={lines} stroke="var(--ground)" strokeWidth={0.8} strokeOpacity={0.8} fill="none" />
      <path d={lines} strokeWidth={0.2} fill="none" />
      <Label
        x={labelX}
        y={-neck + labelAt}
        anchor={anchor}
        label={label}
        figure={sayLength(cm, unit)}
        letters={1.9}
        line={neckLine}
      />
    </g>
  );
}

function describe(dressed: Dressed, unit: LengthUnit): string {
  const { edges, chains } = dropsOf(dressed);
  const lines = [
    ...edges.map(({ label, cm }) =>
      sayWith(drawingWords.belowTheSideNeckPoints, { label, cm: sayLength(cm, unit) }),
    ),
    ...chains.map(({ label, cm }) => `${label} ${sayLength(cm, unit)}`),
  ];
  return sayWith(drawingWords.neckFromTheFront, {
    parts: lines.length > 0 ? lines.join(", ") : "nothing measured",
  });
}
