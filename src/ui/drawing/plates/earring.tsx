import type { PieceOf } from "@/core/piece/piece";
import { ring, Stone, Wire } from "../metalwork";

interface EarringProps {
  readonly piece: PieceOf<"earrings">;
  /** Where it hangs from. */
  readonly x: number;
  readonly top: number;
  readonly metal: string;
  readonly stone: string;
  /** On a whole body it is drawn no smaller than the eye can find, cm across. */
  readonly least?: number;
}

/** One earring hanging from (x, top), cm. */
export function Earring({ piece, x, top, metal, stone, least = 0 }: EarringProps) {
  const { form } = piece.figures;
  const drop = Math.max(least, piece.figures.drop);
  const r = Math.max(least, piece.figures.width) / 2;
  const wire = Math.max(0.16, least * 0.34);
  switch (form) {
    case "hoop":
      return <Wire d={ring(x, top + drop / 2, r, drop / 2)} colour={metal} width={Math.max(0.28, wire)} />;
    case "drop":
      return (
        <g>
          <Wire d={`M${x} ${top}V${top + drop * 0.42}`} colour={metal} width={wire} />
          <Stone cx={x} cy={top + drop * 0.7} rx={r} ry={Math.max(r * 0.6, drop * 0.3)} colour={stone} />
        </g>
      );
    case "cluster":
      return (
        <g>
          <Stone cx={x - r * 0.48} cy={top + r * 0.5} rx={r * 0.5} colour={stone} />
          <Stone cx={x + r * 0.48} cy={top + r * 0.5} rx={r * 0.5} colour={stone} />
          <Stone cx={x} cy={top + r * 1.3} rx={r * 0.52} colour={stone} />
        </g>
      );
    case "stud":
      return <Stone cx={x} cy={top + r} rx={r} colour={stone} />;
  }
}
