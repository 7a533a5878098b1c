import type { Piece } from "@/core/piece/piece";

interface Props {
  readonly form: Extract<Piece, { kind: "brooch" }>["figures"]["form"];
  readonly across: number;
  readonly middle: number;
  readonly fill: string;
  readonly line: string;
}

/** A brooch from the front, its middle at (middle, middle). */
export function Brooch({ form, across, middle, fill, line }: Props) {
  const r = across / 2;
  const shared = { fill, stroke: line, strokeWidth: 0.12, strokeLinejoin: "round" as const };
  if (form === "bar")
    return <rect x={middle - r} y={middle - 0.4} width={across} height={0.8} rx={0.4} {...shared} />;
  if (form === "leaf")
    return (
      <g {...shared}>
        <path
          d={`M ${middle - r} ${middle + r * 0.6} C ${middle - r} ${middle - r} ${middle + r * 0.4} ${middle - r} ${middle + r} ${middle - r * 0.7} C ${middle + r * 0.8} ${middle + r * 0.5} ${middle} ${middle + r} ${middle - r} ${middle + r * 0.6} Z`}
        />
        <path
          d={`M ${middle - r} ${middle + r * 0.6} L ${middle + r * 0.6} ${middle - r * 0.4}`}
          fill="none"
        />
      </g>
    );
  if (form === "star") {
    const points = Array.from({ length: 16 }, (_, i) => {
      const reach = i % 2 === 0 ? (i % 4 === 0 ? r : r * 0.62) : r * 0.24;
      const angle = (i * Math.PI) / 8;
      return `${middle + reach * Math.sin(angle)},${middle - reach * Math.cos(angle)}`;
    });
    return <polygon points={points.join(" ")} {...shared} />;
  }
  return <circle cx={middle} cy={middle} r={form === "disc" ? r : r * 0.9} {...shared} />;
}
