import type { PieceOf } from "@/core/piece/piece";
import type { Frame } from "../frame";

interface ScarfProps {
  readonly scarf: PieceOf<"scarf">;
  readonly frame: Frame;
  readonly fill: string;
  readonly line: string;
}

/** A scarf as it is worn round the neck. */
export function WornScarf({ scarf, frame, fill, line }: ScarfProps) {
  const neck = frame.body.measures.neckPoint.cm;
  const w = frame.neckHalf;
  const shared = { fill, stroke: line, strokeWidth: 0.3, strokeLinejoin: "round" as const };
  switch (scarf.figures.worn) {
    case "wrapped":
      return (
        <g {...shared}>
          <path d={`M ${-w - 1} ${-neck + 16} l 6 0 l -1 -17 l -5 0 Z`} />
          <path
            d={`M ${-w - 3} ${-neck + 1} C ${-w - 4} ${-neck + 8} ${w + 4} ${-neck + 8} ${w + 3} ${-neck + 1} L ${w + 1.4} ${-neck - 5} Q 0 ${-neck} ${-w - 1.4} ${-neck - 5} Z`}
          />
          <path d={`M ${-w - 2} ${-neck + 1} Q 0 ${-neck + 5} ${w + 2} ${-neck + 1}`} fill="none" />
        </g>
      );
    case "draped":
      return (
        <g {...shared}>
          {[1, -1].map((side) => (
            <path
              key={side}
              d={`M ${side * w * 0.7} ${-neck - 4} L ${side * (w + 4)} ${-neck + 2} L ${side * (w + 5.5)} ${-neck + 44} L ${side * 2.6} ${-neck + 45} L ${side * 2} ${-neck + 10} Z`}
            />
          ))}
        </g>
      );
    case "tied as a bow":
      return (
        <g {...shared}>
          <path
            d={`M ${-w} ${-neck - 1.5} Q 0 ${-neck + 2.6} ${w} ${-neck - 1.5} l 0 -2 Q 0 ${-neck + 0.4} ${-w} ${-neck - 3.5} Z`}
          />
          {[1, -1].map((side) => (
            <path
              key={side}
              d={`M ${side * 0.6} ${-neck + 1.4} L ${side * 5.6} ${-neck - 0.9} Q ${side * 6.2} ${-neck + 1.4} ${side * 5.6} ${-neck + 3.7} Z`}
            />
          ))}
          <rect x={-1.1} y={-neck + 0.3} width={2.2} height={2.3} rx={0.6} />
        </g>
      );
    case "tied at the front":
    case "tied at the side": {
      const x = scarf.figures.worn === "tied at the front" ? 0 : w * 0.8;
      return (
        <g {...shared}>
          <path
            d={`M ${-w - 0.8} ${-neck - 2} Q 0 ${-neck + 4} ${w + 0.8} ${-neck - 2} L ${w + 0.6} ${-neck - 5} Q 0 ${-neck} ${-w - 0.6} ${-neck - 5} Z`}
          />
          <path d={`M ${x} ${-neck + 2} L ${x - 6} ${-neck + 13} L ${x - 0.6} ${-neck + 9} Z`} />
          <path d={`M ${x} ${-neck + 2} L ${x + 5} ${-neck + 14} L ${x + 0.4} ${-neck + 10} Z`} />
          <ellipse cx={x} cy={-neck + 1.6} rx={1.9} ry={1.6} />
        </g>
      );
    }
  }
}
