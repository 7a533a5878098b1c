import { sayLength, type LengthUnit } from "@/core/length/length";
import type { Piece } from "@/core/piece/piece";

/** The figures of a piece that matter at a glance, in a few words. */
export function captionOf(piece: Piece, unit: LengthUnit): string {
  return [...figuresOf(piece, (cm) => sayLength(cm, unit)), metalOf(piece)].filter(Boolean).join(", ");
}

function metalOf(piece: Piece): string {
  if (piece.metal === "none") return "";
  return piece.metal === "unknown" ? "metal not recorded" : piece.metal;
}

function figuresOf(piece: Piece, say: (cm: number) => string): string[] {
  switch (piece.kind) {
    case "trousers":
    case "jumpsuit":
      return [
        piece.figures.leg,
        `inseam ${say(piece.figures.inseam)}`,
        `opening ${say(piece.figures.opening)}`,
      ];
    case "skirt":
    case "dress":
      return [piece.figures.cut, `${say(piece.figures.length)} long`];
    case "top":
      return [piece.figures.neckline, `${say(piece.figures.length)} long`];
    case "jacket":
    case "coat":
      return [piece.figures.collar, `${say(piece.figures.length)} long`];
    case "hat":
      return [piece.figures.form, piece.figures.brim > 0 ? `brim ${say(piece.figures.brim)}` : ""];
    case "hair piece":
    case "brooch":
      return [piece.figures.form, say(piece.figures.width)];
    case "eyewear":
      return [piece.figures.form, piece.figures.filter > 0 ? `filter ${piece.figures.filter}` : ""];
    case "earrings":
      return [piece.figures.form, `drop ${say(piece.figures.drop)}`];
    case "scarf":
      return [`${say(piece.figures.sideA)} x ${say(piece.figures.sideB)}`, piece.figures.worn];
    case "necklace":
      return [`loop ${say(piece.figures.loop)}`, piece.figures.pendant > 0 ? "pendant" : ""];
    case "bracelet":
      return [piece.figures.form];
    case "watch":
      return [`${piece.figures.strapMade} strap`];
    case "ring":
      return [say(piece.figures.width)];
    case "gloves":
      return [`${say(piece.figures.length)} over the wrist`];
    case "belt":
      return [`${say(piece.figures.width)} wide`];
    case "bag":
      return [piece.figures.carry, piece.figures.strap > 0 ? `strap ${say(piece.figures.strap)}` : ""];
    case "hosiery":
      return [piece.figures.form, `${piece.figures.denier} den`];
    case "shoe": {
      const { form, lift, toe, shaft } = piece.figures;
      return [form, `lift ${say(lift)}`, shaft === null ? `${toe} toe` : `shaft ${say(shaft)}`];
    }
  }
}
