import { expose } from "comlink";
import { editPass } from "@/core/reading/edit-pass";
import { read } from "@/core/reading/read";
import { remediesOf, type Mended } from "@/core/reading/remedies";
import { solveTurnUp, type TurnUpAnswer } from "@/core/reading/turn-ups";
import { rank } from "@/core/search/rank";
import { reachOf, type Reach } from "@/core/search/reach";
import { layOut, offered, type LookKey, type Wardrobe } from "@/core/studio/wardrobe";
import type { Slot } from "@/core/piece/slots";
import type { RankedPiece, RemovedPiece } from "./answers";

let wardrobe: Wardrobe | null = null;

function laid(): Wardrobe {
  if (!wardrobe) throw new Error("a wardrobe must be laid before it is asked about");
  return wardrobe;
}

const counsel = {
  /** Lays the wardrobe that every later question is about. */
  lay(next: Wardrobe): void {
    wardrobe = next;
  },

  rank(key: LookKey, slot: Slot): RankedPiece[] {
    return rank(layOut(laid(), key), slot, offered(laid())).map(({ piece, ...rest }) => ({
      pieceId: piece.id,
      ...rest,
    }));
  },

  remedies(key: LookKey): Mended[] {
    const look = layOut(laid(), key);
    return remediesOf(look, read(look), offered(laid()));
  },

  turnUp(key: LookKey): TurnUpAnswer | null {
    return solveTurnUp(layOut(laid(), key));
  },

  editPass(key: LookKey): RemovedPiece[] {
    return editPass(layOut(laid(), key)).map(({ piece, ...rest }) => ({ pieceId: piece.id, ...rest }));
  },

  reach(accessoryIds: readonly string[], bases: readonly (readonly string[])[]): Reach[] {
    return bases.map((garmentIds) =>
      reachOf(layOut(laid(), { garmentIds, accessoryIds, adjustments: [], occasionId: null })),
    );
  },
};

export type Counsel = typeof counsel;

expose(counsel);
