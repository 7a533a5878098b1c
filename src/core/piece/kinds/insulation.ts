import type { Finish } from "../../finish/finishes";
import type { Cloth } from "./define-kind";

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

/** Cloth of any make keeps at least this much warmth in, clo. */
const least = 0.05;

/** Insulation of a garment whose plain make has so much, by its cloth. */
export function clothed(plain: number): (figures: unknown, cloth: Cloth) => number {
  return (_, { finish }) => Math.max(least, plain + (ofCloth[finish] ?? 0));
}

/** Insulation that does not depend on the cloth. */
export function always(clo: number): () => number {
  return () => clo;
}

export const none = always(0);
