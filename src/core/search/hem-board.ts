import { dress } from "../dressing/dress";
import type { Client } from "../piece/client";
import { isLegged, type Legged, type Piece, type PieceOf } from "../piece/piece";
import type { Turn } from "../piece/adjustment";
import { apply, wornSo } from "../reading/change";
import { hemPair, readHem, weighHem } from "../reading/hems";
import { solveTurnUp } from "../reading/turn-ups";
import { hemVerdict, type Verdict } from "../reading/verdict";

/** One garment over one pair of shoes, at its best: what a cell of the hem board shows. */
export interface HemCell {
  readonly shoe: string;
  readonly verdict: Verdict;
  readonly points: number;
  /** The turn-up it was read with; null as cut. */
  readonly turn: Turn | null;
  /** Heights above the footbed, cm. */
  readonly hem: number;
  readonly lift: number;
  /** Of a boot: its shaft; null for a low shoe. */
  readonly shaft: number | null;
  /** Hem less shaft, or hem less ankle bone over a low shoe. */
  readonly gap: number;
  /** Ids of the rules that stand against it. */
  readonly against: readonly string[];
}

type HemGarment = Legged | PieceOf<"skirt"> | PieceOf<"dress">;

/** Whether a piece has a hem that the board judges. */
export function hasHem(piece: Piece): piece is HemGarment {
  return isLegged(piece) || piece.kind === "skirt" || piece.kind === "dress";
}

/** A row of the hem board: one garment with every pair of shoes, trousers with the turn-up that suits best. */
export function hemRow(client: Client, garment: HemGarment, shoes: readonly PieceOf<"shoe">[]): HemCell[] {
  return shoes.map((shoe) => {
    const plain = hemPair(client, garment, shoe);
    const unturned = dress(plain);
    const asCut = weighHem(readHem(unturned));
    const turn = asCut.against.length > 0 ? (solveTurnUp(plain)?.best?.turn ?? null) : null;
    const dressed = turn ? dress(apply(plain, wornSo(turn))) : unturned;
    const { points, against } = turn ? weighHem(readHem(dressed)) : asCut;
    const hem = dressed.hem ?? 0;
    const { shaft, lift } = shoe.figures;
    return {
      shoe: shoe.id,
      verdict: hemVerdict({ points, against }),
      points,
      turn,
      hem,
      lift,
      shaft,
      gap: hem - (shaft ?? dressed.body.measures.ankleBone.cm),
      against,
    };
  });
}
