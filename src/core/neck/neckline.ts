import type { Piece } from "../piece/piece";
import { usualNeckDepth, type Neckline } from "../piece/kinds/cuts";

/** Necklines that close high round the neck: long chains, or none. */
const high: ReadonlySet<Neckline> = new Set(["roll", "halter"]);

/** The neck of a garment: where its edge lies at the centre front, and whether it closes high. */
export interface NeckEdge {
  readonly piece: Piece;
  /** Below the side neck point, cm; negative above it. */
  readonly below: number;
  readonly high: boolean;
  /** Whether the edge's depth was measured or is what its kind usually has. */
  readonly estimated: boolean;
}

/** The neck edge of a top, a dress or a jumpsuit; null for anything else. */
export function neckEdgeOf(piece: Piece): NeckEdge | null {
  if (piece.kind !== "top" && piece.kind !== "dress" && piece.kind !== "jumpsuit") return null;
  const { neckline, neckDepth } = piece.figures;
  return {
    piece,
    below: neckDepth ?? usualNeckDepth[neckline],
    high: high.has(neckline),
    estimated: neckDepth === null,
  };
}
