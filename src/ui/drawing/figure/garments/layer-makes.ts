import type { PieceOf } from "@/core/piece/piece";

/** A layer of either kind. */
export type LayerPiece = PieceOf<"jacket"> | PieceOf<"coat">;

/** How a layer of each kind is made. */
export const layerMakes: Readonly<Record<LayerPiece["figures"]["form"], Make>> = {
  jacket: { ease: 1.3, flare: 0.02, raised: 0.5, buttons: 2, apart: 9.5, pocket: 11 },
  waistcoat: { ease: 0.8, flare: 0.01, raised: 0, buttons: 5, apart: 5.4, pocket: 6 },
  cardigan: { ease: 1.8, flare: 0.02, raised: 0, buttons: 5, apart: 8, pocket: null },
  cape: { ease: 3.4, flare: 0.12, raised: 0, buttons: 1, apart: 12, pocket: null },
  coat: { ease: 2.3, flare: 0.06, raised: 0.3, buttons: 4, apart: 12, pocket: 14 },
  "long cardigan": { ease: 2.2, flare: 0.03, raised: 0, buttons: 4, apart: 12, pocket: null },
};

/** How a form is made: how far it stands off, widens below the waist and is padded, and what it is closed and pocketed with, cm. */
interface Make {
  readonly ease: number;
  readonly flare: number;
  readonly raised: number;
  readonly buttons: number;
  readonly apart: number;
  /** Its pockets below the waist; null: it has none that show. */
  readonly pocket: number | null;
}
