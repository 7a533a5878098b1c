import type { Legged } from "./piece";

/**
 * Legs of pressed cloth, which are never rolled: satin, silk, and wool with a smooth face (suiting, dress wool).
 * Flannel, tweed and whatever is made to be rolled are not; what no cloth was said of may be.
 */
export function isPressed({ finish, cloth, figures }: Legged): boolean {
  if (figures.madeToTurn) return false;
  return finish === "satin" || cloth === "silk" || (cloth === "wool" && finish === "matte smooth");
}
