import { useId } from "react";
import type { Dressed } from "@/core/dressing/dressed";
import { sayLength, type LengthUnit } from "@/core/length/length";
import { DressedBody } from "../figure/dressed-body";
import { frameOf } from "../figure/frame";

interface Props {
  readonly dressed: Dressed;
  readonly unit: LengthUnit;
  readonly className?: string;
}

/** What the window shows either side of the plumb line, and below the side neck points, cm. */
const half = 26;
const down = 48;
const lineHeight = 2.6;

interface Drop {
  readonly label: string;
  readonly cm: number;
}

/** The neck enlarged: neckline, chains, scarf, collar and earrings, with the drops below the side neck points. */
export function NeckWindow({ dressed, unit, className }: Props) {
  const scope = useId();
  const frame = frameOf(dressed.body);
  const { height, measures } = dressed.body;
  const neck = measures.neckPoint.cm;
  const top = height + 5;
  const { edge } = dressed.neck;
  const drops = dropsOf(dressed);
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
        {edge && edge.below > 0 && (
          <Dimension
            x={-16}
            neck={neck}
            cm={edge.below}
            label="neckline"
            at={edge.below / 2}
            unit={unit}
            end
          />
        )}
        {spread(drops).map(({ drop, at }, i) => (
          <Dimension
            key={drop.label}
            x={11.5 + i * 2.2}
            neck={neck}
            cm={drop.cm}
            label={drop.label}
            at={at}
            unit={unit}
          />
        ))}
      </g>
    </svg>
  );
}

/** Drops from the shortest down; the chain's own name where there are several. */
function dropsOf({ neck }: Dressed): Drop[] {
  const several = neck.necklaces.length > 1;
  return neck.necklaces.flatMap(({ necklace, drops }) =>
    drops.map((cm, i) => ({
      label: several
        ? (necklace.name.split(" ").slice(0, 2).join(" ") ?? "drop")
        : drops.length > 1 && i === 0
          ? "upper loop"
          : "drop",
      cm,
    })),
  );
}

/** Heights for labels, each clear of the one above. */
function spread(drops: readonly Drop[]): { readonly drop: Drop; readonly at: number }[] {
  let free = -Infinity;
  return drops.map((drop) => {
    const at = Math.max(drop.cm - 1, free);
    free = at + 2.4 * lineHeight;
    return { drop, at };
  });
}

interface DimensionProps {
  readonly x: number;
  readonly neck: number;
  readonly cm: number;
  readonly label: string;
  /** How far down the label stands, cm. */
  readonly at: number;
  readonly unit: LengthUnit;
  readonly end?: boolean;
}

function Dimension({ x, neck, cm, label, at, unit, end = false }: DimensionProps) {
  const textX = end ? x - 0.8 : half - 0.8;
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
      <text
        x={textX}
        y={-neck + at}
        textAnchor="end"
        stroke="var(--ground)"
        strokeWidth={0.8}
        paintOrder="stroke"
      >
        <tspan x={textX} fontSize={1.9}>
          {label}
        </tspan>
        <tspan x={textX} dy={lineHeight} fontWeight={600}>
          {sayLength(cm, unit)}
        </tspan>
      </text>
    </g>
  );
}

function describe(dressed: Dressed, unit: LengthUnit): string {
  const { edge } = dressed.neck;
  const lines = [
    ...(edge ? [`neckline ${sayLength(edge.below, unit)} below the side neck points`] : []),
    ...dropsOf(dressed).map(({ label, cm }) => `${label} ${sayLength(cm, unit)}`),
  ];
  return `Neck from the front: ${lines.length > 0 ? lines.join(", ") : "nothing measured"}.`;
}
