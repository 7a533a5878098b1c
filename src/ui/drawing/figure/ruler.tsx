interface RulerProps {
  readonly height: number;
  readonly lift: number;
  readonly left: number;
  readonly right: number;
}

/** The tape up the side, the floor and the plumb line; cm from the floor, drawn to the figure's scale. */
export function Ruler({ height, lift, left, right }: RulerProps) {
  const top = Math.ceil((height + lift) / 10) * 10;
  const marks = Array.from({ length: top + 1 }, (_, cm) => cm);
  return (
    <g stroke="#8a8a8a" strokeWidth={0.2}>
      <line x1={left} x2={left} y1={lift} y2={lift - top} />
      {marks.map((cm) => {
        const long = cm % 10 === 0 ? 3 : cm % 5 === 0 ? 2 : 1;
        return <line key={cm} x1={left} x2={left - long} y1={lift - cm} y2={lift - cm} />;
      })}
      {marks
        .filter((cm) => cm % 20 === 0)
        .map((cm) => (
          <text
            key={cm}
            x={left - 3.8}
            y={lift - cm + 1.2}
            textAnchor="end"
            fontSize={3.6}
            stroke="none"
            fill="#5f5f5f"
            className="tabular"
          >
            {cm}
          </text>
        ))}
      <line x1={left} x2={right} y1={lift + 0.2} y2={lift + 0.2} stroke="#5f5f5f" strokeWidth={0.4} />
      <line
        x1={0}
        x2={0}
        y1={-height - 14}
        y2={lift + 3}
        stroke="var(--thread)"
        strokeOpacity={0.55}
        strokeWidth={0.25}
        strokeDasharray="2 1.4"
      />
      <path d={`M 0 ${lift + 2.4} l 1.1 2.2 l -1.1 2 l -1.1 -2 Z`} fill="var(--thread)" stroke="none" />
    </g>
  );
}
