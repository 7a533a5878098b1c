import type { PieceOf } from "@/core/piece/piece";
import { brightness } from "./cloth/tones";

/** The colour of a shoe's sole: as recorded, otherwise a dark one that is told apart from the upper. */
export function soleColour({ swatches }: PieceOf<"shoe">): string {
  const recorded = swatches.find(({ role }) => role === "sole")?.hex;
  if (recorded) return recorded;
  return brightness(swatches[0]?.hex ?? "#777777") < 0.28 ? "#3a3d44" : "#3a3330";
}
