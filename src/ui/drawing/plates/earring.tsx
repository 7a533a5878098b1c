import type { PieceOf } from "@/core/piece/piece";
import { lineOn } from "../paint";

interface EarringProps {
  readonly piece: PieceOf<"earrings">;
  readonly x: number;
  readonly top: number;
  readonly metal: string;
  readonly stone: string;
}

/** One earring hanging from (x, top), cm. */
export function Earring({ piece, x, top, metal, stone }: EarringProps) {
  const { form, drop, width } = piece.figures;
  const r = width / 2;
  if (form === "hoop")
    return <circle cx={x} cy={top + drop / 2} r={r} fill="none" stroke={metal} strokeWidth={0.28} />;
  if (form === "drop")
    return (
      <g>
        <circle cx={x} cy={top} r={0.28} fill={metal} />
        <path d={`M ${x} ${top} L ${x} ${top + drop * 0.4}`} stroke={metal} strokeWidth={0.14} />
        <ellipse
          cx={x}
          cy={top + drop * 0.7}
          rx={r}
          ry={drop * 0.3}
          fill={stone}
          stroke={lineOn(stone)}
          strokeWidth={0.08}
        />
      </g>
    );
  if (form === "cluster")
    return (
      <g fill={stone} stroke={lineOn(stone)} strokeWidth={0.07}>
        <circle cx={x - r * 0.45} cy={top + r * 0.5} r={r * 0.5} />
        <circle cx={x + r * 0.45} cy={top + r * 0.5} r={r * 0.5} />
        <circle cx={x} cy={top + r * 1.3} r={r * 0.5} />
      </g>
    );
  return <circle cx={x} cy={top + r} r={r} fill={stone} stroke={lineOn(stone)} strokeWidth={0.08} />;
}
