import { placeOf, specOf, type Piece } from "./piece";

/** How large a piece is as a surface: 1 jewellery, eyewear and hair pieces, 2 other accessories, 3 garments. */
export function sizeClassOf(piece: Piece): 1 | 2 | 3 {
  if (placeOf(piece) !== null) return 3;
  const { pull } = specOf(piece);
  return typeof pull === "number" ? 2 : 1;
}
