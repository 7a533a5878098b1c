import { metalHex } from "@/core/finish/metals";
import type { Piece } from "@/core/piece/piece";

/** The colour of a piece's metal; null where it has none or nobody has looked. */
export function metalColour({ metal }: Pick<Piece, "metal">): string | null {
  return metal === "none" || metal === "unknown" ? null : metalHex[metal];
}
