import type { PieceOf } from "../piece/piece";

type Toe = PieceOf<"shoe">["figures"]["toe"];

/** Foot length as a share of the body height (anthropometry). */
const footShare = 0.152;
/** How far a shoe's toe runs beyond the foot, as a share of the foot. */
const beyondFoot: Record<Toe, number> = { round: 0.02, open: 0, square: 0.04, almond: 0.055, pointed: 0.095 };
/** Front-to-back depth of a hem hanging over an instep, as a share of its circumference: between round (0.32) and flat (0.5). */
const depthShare = 0.45;
/** How far the back of the hem stands behind the heel, as a share of the foot. */
const behindHeel = 0.04;

/** How much of the toe comes out beyond a full-length hem, cm; 0 when the hem covers it. */
export function toeShowing(height: number, toe: Toe, opening: number): number {
  const foot = footShare * height;
  return Math.max(0, foot * (1 + beyondFoot[toe] + behindHeel) - depthShare * opening);
}
