import { cmPerInch, type LengthUnit } from "@/core/length/length";

interface RulerProps {
  readonly height: number;
  readonly lift: number;
  readonly left: number;
  readonly right: number;
  readonly unit: LengthUnit;
}

/** Marks of the tape in its own unit: every one, the middling, the long, and those with a figure. */
const scales = {
  cm: { size: 1, middle: 5, long: 10, figure: 20 },
  in: { size: cmPerInch, middle: 3, long: 6, figure: 6 },
} as const;

/** The tape up the side (its marks in one path: a figure draws faster with few elements), the floor and the plumb line, to the figure's scale. */
export function Ruler({ height, lift, left, right, unit }: RulerProps) {
  const { size, middle, long, figure } = scales[unit];
  const count = Math.ceil((height + lift) / size / long) * long;
  const marks = Array.from({ length: count + 1 }, (_, mark) => mark);
  const top = count * size;
  const heightOf = (mark: number) => Math.round((lift - mark * size) * 100) / 100;
  const reachOf = (mark: number) => (mark % long === 0 ? 3 : mark % middle === 0 ? 2 : 1);
  return (
    <g stroke="var(--figure-rule)" strokeWidth={0.2}>
      <line x1={left} x2={left} y1={lift} y2={lift - top} />
      <path d={marks.map((mark) => `M${left} ${heightOf(mark)}h${-reachOf(mark)}`).join("")} />
      {marks
        .filter((mark) => mark % figure === 0)
        .map((mark) => (
          <text
            key={mark}
            x={left - 3.8}
            y={heightOf(mark) + 1.3}
            textAnchor="end"
            fontSize={3.9}
            stroke="none"
            fill="var(--figure-ink)"
            className="tabular"
          >
            {mark}
          </text>
        ))}
      <line
        x1={left}
        x2={right}
        y1={lift + 0.2}
        y2={lift + 0.2}
        stroke="var(--figure-ink)"
        strokeWidth={0.4}
      />
      <line
        x1={0}
        x2={0}
        y1={-height - 14}
        y2={lift + 3}
        stroke="var(--thread)"
        strokeOpacity={0.55}
        strokeWidth={0.3}
        strokeDasharray="2 1.4"
      />
      <path d={`M 0 ${lift + 2.4} l 1.1 2.2 l -1.1 2 l -1.1 -2 Z`} fill="var(--thread)" stroke="none" />
    </g>
  );
}
