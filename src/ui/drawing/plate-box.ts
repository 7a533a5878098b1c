import type { Piece, PieceOf } from "@/core/piece/piece";
import { garmentFlat } from "./garment-flat";
import { hosieryHeight } from "./plates/hosiery-plate";

/** The width and height a plate needs, cm. */
export interface PlateBox {
  readonly width: number;
  readonly height: number;
}

/** From the floor to the top of a shoe as drawn, cm. */
export function shoeHeight({ figures: { lift, shaft, form } }: PieceOf<"shoe">): number {
  const strapped = form === "sandal" || form === "thong";
  return lift + (shaft ?? (strapped ? 8.5 : 7));
}

/** What a piece's drawing takes, with a margin. */
export function plateBox(piece: Piece): PlateBox {
  switch (piece.kind) {
    case "trousers":
    case "skirt":
    case "dress":
    case "jumpsuit":
    case "top":
    case "jacket":
    case "coat": {
      const flat = garmentFlat(piece);
      return flat ? { width: flat.width + 6, height: flat.height + 8 } : { width: 60, height: 60 };
    }
    case "shoe":
      return { width: 31, height: shoeHeight(piece) + 2.5 };
    case "bag": {
      const { width, height, strap } = piece.figures;
      return { width: width + 5, height: height + bagReach(strap) + 5 };
    }
    case "scarf":
      return Math.abs(piece.figures.sideA - piece.figures.sideB) < 20
        ? { width: 70, height: 42 }
        : { width: 62, height: 74 };
    case "belt":
      return { width: 32, height: 20 };
    case "necklace":
      return { width: 24, height: 34 };
    case "hosiery":
      return { width: 44, height: hosieryHeight(piece) + 6 };
    case "hat":
      return { width: 2 * (10 + piece.figures.brim) + 4, height: 20 };
    case "gloves":
      return { width: 26, height: 26 };
    case "eyewear":
      return { width: 17, height: 9 };
    case "hair piece":
      return { width: piece.figures.width + 4, height: 8 };
    case "earrings":
      return { width: 8, height: Math.max(4, piece.figures.drop + 2) };
    case "brooch":
      return { width: piece.figures.width + 2, height: piece.figures.width + 2 };
    case "bracelet":
      return { width: 10, height: Math.max(8, piece.figures.width + 4) };
    case "watch":
      return { width: 9, height: 11 };
    case "ring":
      return { width: 5, height: 4.5 };
  }
}

/** How far a strap stands up over its bag when laid down, cm. */
export function bagReach(strap: number): number {
  return strap > 4 ? Math.min(strap / 2, 30) : 0;
}

/** The box that holds every one of the pieces. */
export function commonBox(pieces: readonly Piece[]): PlateBox {
  const boxes = pieces.map(plateBox);
  return {
    width: Math.max(1, ...boxes.map(({ width }) => width)),
    height: Math.max(1, ...boxes.map(({ height }) => height)),
  };
}
