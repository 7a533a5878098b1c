import type { PieceOf } from "../piece/piece";

/** How heavy a sole stands, 1 to 3. */
export const soleBulk: Readonly<Record<PieceOf<"shoe">["figures"]["soleBulk"], number>> = {
  fine: 1,
  middling: 2,
  heavy: 3,
};
