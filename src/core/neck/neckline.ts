import type { Piece } from "../piece/piece";
import type { PieceOf } from "../piece/piece";

type Neckline = PieceOf<"top">["figures"]["neckline"];

/** How far each neckline's edge usually lies below the side neck point at the centre front, cm. */
const usual: Record<Neckline, number> = {
  crew: 7.5,
  v: 18,
  scoop: 17,
  boat: 5,
  square: 11,
  roll: -3,
  "shirt collar": 9,
  wrap: 20,
  halter: 6,
  strapless: 24,
  cowl: 14,
};

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
    below: neckDepth ?? usual[neckline],
    high: high.has(neckline),
    estimated: neckDepth === null,
  };
}
