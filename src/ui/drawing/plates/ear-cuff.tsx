import type { PieceOf } from "@/core/piece/piece";
import { Wire } from "../metalwork";

interface EarCuffProps {
  readonly piece: PieceOf<"ear cuff">;
  /** The edge of the ear it clasps, and its upper end, cm. */
  readonly x: number;
  readonly top: number;
  readonly metal: string;
  /** 1 for the right of the picture, -1 for its left: it opens to the head. */
  readonly side: number;
  readonly least?: number;
}

/** A cuff round the edge of an ear: a band, a climber along it, or a band with a chain. */
export function EarCuff({ piece, x, top, metal, side, least = 0 }: EarCuffProps) {
  const drop = Math.max(least, piece.figures.drop);
  const band = `M${x - side * 0.5} ${top}q${side * 1} ${-0.2} ${side * 1} 0.55q0 0.75 ${-side * 1} 0.5`;
  switch (piece.figures.form) {
    case "band":
      return <Wire d={band} colour={metal} width={Math.max(0.34, least * 0.3)} />;
    case "climber":
      return (
        <Wire
          d={`M${x + side * 0.4} ${top}q${side * 0.7} ${drop * 0.4} ${-side * 0.1} ${drop}`}
          colour={metal}
          width={Math.max(0.42, least * 0.36)}
        />
      );
    case "chain":
      return (
        <g>
          <Wire d={band} colour={metal} width={Math.max(0.34, least * 0.3)} />
          <Wire
            d={`M${x + side * 0.4} ${top + 0.8}q${side * 0.8} ${drop * 0.5} ${-side * 0.4} ${drop}`}
            colour={metal}
            width={0.16}
          />
        </g>
      );
  }
}
