interface LabelProps {
  readonly x: number;
  /** Foot of the first line. */
  readonly y: number;
  readonly anchor: "start" | "end" | "middle";
  /** What is measured, and its figure below it. */
  readonly label: string;
  readonly figure: string;
  /** Size of the letters of the label; the figure's are larger. */
  readonly letters: number;
  /** From the label's foot to the figure's. */
  readonly line: number;
}

/** How wide a letter is set on average, and how much larger the figure is than its label. */
const set = { label: 0.5, figure: 0.58, larger: 1.18 } as const;

/** A dimension's label and figure on a ground of their own, so that they read on any cloth. */
export function Label({ x, y, anchor, label, figure, letters, line }: LabelProps) {
  const large = letters * set.larger;
  const width = Math.max(label.length * letters * set.label, figure.length * large * set.figure) + 0.8;
  const left = { start: x - 0.4, end: x - width + 0.4, middle: x - width / 2 }[anchor];
  return (
    <g stroke="none">
      <rect
        x={left}
        y={y - letters * 0.95}
        width={width}
        height={letters * 0.95 + line + 0.5}
        fill="var(--ground)"
      />
      <text x={x} y={y} textAnchor={anchor} fontSize={large}>
        <tspan x={x} fontSize={letters}>
          {label}
        </tspan>
        <tspan x={x} dy={line} fontWeight={600}>
          {figure}
        </tspan>
      </text>
    </g>
  );
}
