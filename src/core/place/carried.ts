import type { CarriedThing } from "../piece/carried";
import type { Look } from "../piece/look";

/** What a look is carried with: what the occasion asks for, and flat shoes where they are taken along for the way. */
export function carriedOf({
  occasion,
  adjustments,
}: Pick<Look, "occasion" | "adjustments">): readonly CarriedThing[] {
  const asked = occasion?.mustCarry ?? [];
  const isSpare = adjustments.some(({ kind }) => kind === "spare-pair");
  return isSpare && !asked.includes("flat shoes") ? [...asked, "flat shoes"] : asked;
}
