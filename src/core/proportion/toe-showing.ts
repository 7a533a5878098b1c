import type { PieceOf } from "../piece/piece";

type Toe = PieceOf<"shoe">["figures"]["toe"];

/** Foot length as a share of the body height (anthropometry). */
const footShare = 0.152;
/** How far a shoe's toe runs beyond the foot, cm. */
const beyondFoot: Record<Toe, number> = { round: 0.5, open: 0, square: 1, almond: 1.5, pointed: 2.5 };
/** Front-to-back depth of a hem hanging over an instep, as a share of its circumference: between round (0.32) and flat (0.5). */
const depthShare = 0.45;
/** How far the back of the hem stands behind the heel, cm. */
const behindHeel = 1;

/** How much of the toe comes out beyond a full-length hem, cm; 0 when the hem covers it. */
export function toeShowing(height: number, toe: Toe, opening: number): number {
  const shoe = footShare * height + beyondFoot[toe];
  return Math.max(0, shoe - (depthShare * opening - behindHeel));
}
