import type { Finish } from "../finish/finishes";
import type { Piece } from "../piece/piece";

/** Metabolic rate of strolling, W/m2: 2 met of 58. */
const strolling = 58 * 2;
/** Metres a second of wind that count as one step of the wind factor. */
const fullWind = 10;
/** Insulation of the still air about the body, clo, as 2.11 has it. */
const airLayer = 0.7;

const plain: Readonly<Record<Piece["kind"], number>> = {
  trousers: 0.22,
  skirt: 0.15,
  dress: 0.32,
  jumpsuit: 0.42,
  top: 0.2,
  jacket: 0.36,
  coat: 0.6,
  hat: 0.05,
  gloves: 0.05,
  scarf: 0.08,
  shoe: 0.03,
  hosiery: 0.02,
  "hair piece": 0,
  eyewear: 0,
  earrings: 0,
  necklace: 0,
  brooch: 0,
  bracelet: 0,
  watch: 0,
  ring: 0,
  belt: 0,
  bag: 0,
};

/** How much warmer or cooler a cloth is than the plain one of its kind, clo. */
const ofCloth: Partial<Record<Finish, number>> = {
  knit: 0.14,
  shearling: 0.2,
  velvet: 0.05,
  suede: 0.04,
  sheer: -0.08,
  lace: -0.06,
  satin: -0.04,
};

/** Insulation of one piece, clo (2.11; figures for garments from the usual tables of ISO 9920). */
export function cloOf(piece: Piece): number {
  const base = plain[piece.kind];
  if (piece.kind === "hosiery") return hosieryClo(piece.figures.denier, piece.figures.form);
  if (piece.kind === "shoe") {
    const { shaft, form } = piece.figures;
    const boot = shaft === null ? base : shaft > 25 ? 0.1 : 0.08;
    const open = form === "sandal" || form === "thong" ? 0.02 : boot;
    return open + (piece.secondFinish === "shearling" || piece.finish === "shearling" ? 0.04 : 0);
  }
  if (base < 0.1) return base;
  return Math.max(0.05, base + (ofCloth[piece.finish] ?? 0));
}

/** Bare 0, sheer tights 0.02, opaque 0.05, wool 0.10; what covers less of the leg counts in part. */
export function hosieryClo(denier: number, form: string): number {
  const full = denier > 100 ? 0.1 : denier >= 40 ? 0.05 : 0.02;
  return form === "tights" ? full : form === "knee-high" || form === "hold-up" ? full * 0.6 : full * 0.3;
}

/**
 * Air temperature, deg C, in which a strolling wearer of some pieces is comfortable: 33 - 0.155 * 0.75 *
 * M * (clo + 0.7 a), with M = 116 W/m2 and a the part of the still air that the wind leaves (2.11).
 * @param wind m/s
 */
export function comfortableAir(
  pieces: readonly Piece[],
  wind: number,
): { readonly clo: number; readonly air: number } {
  const clo = pieces.reduce((sum, piece) => sum + cloOf(piece), 0);
  const still = Math.max(0.3, 1 - wind / fullWind);
  return { clo, air: 33 - 0.155 * 0.75 * strolling * (clo + airLayer * still) };
}
