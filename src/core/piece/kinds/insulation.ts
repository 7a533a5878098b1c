import type { Finish } from "../../finish/finishes";
import type { Cloth } from "../../finish/cloths";
import type { Making } from "./define-kind";

/** How many times as warm a cloth is as the usual one (docs/model.md, Comfort). */
const ofCloth: Partial<Record<Cloth, number>> = { linen: 0.7, wool: 1.15 };
/** How much warmer or cooler a finish makes it than the plain one of its kind, clo. */
const ofFinish: Partial<Record<Finish, number>> = {
  knit: 0.14,
  shearling: 0.2,
  velvet: 0.05,
  suede: 0.04,
  sheer: -0.08,
  lace: -0.06,
  satin: -0.04,
};

/** Cloth of any make keeps at least this much warmth in, clo. */
const least = 0.05;

/** Insulation of a garment whose plain make has so much, by its cloth. */
export function clothed(plain: number): (figures: unknown, making: Making) => number {
  return (_, { finish, cloth }) =>
    Math.max(least, (plain + (ofFinish[finish] ?? 0)) * ((cloth && ofCloth[cloth]) ?? 1));
}

/** Insulation that does not depend on the cloth. */
export function always(clo: number): () => number {
  return () => clo;
}

export const none = always(0);
