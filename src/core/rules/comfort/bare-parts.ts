import { hasLapels } from "../../piece/kinds/cuts";
import { isWornSo, type Dressed, type Worn } from "../../dressing/dressed";

export const wears = ({ worn }: Dressed, kind: Worn["piece"]["kind"]) =>
  worn.some(({ piece }) => piece.kind === kind);

/** Whether a piece may cover what would be bare. */
export function coversBareParts({ piece: { kind } }: Worn): boolean {
  return kind === "hat" || kind === "scarf" || kind === "gloves";
}

/** Neither hat nor hood nor a scarf over the head. */
export function isHeadBare(dressed: Dressed): boolean {
  const { worn, tied } = dressed;
  if (wears(dressed, "hat") || worn.some((item) => isWornSo(item, "hood-up"))) return false;
  return tied?.asked.tie !== "head cover";
}

/** Whether nothing lies round the neck: no scarf, no neckline that closes high, no closed coat with a collar that does. */
export function isNeckBare({ neck: { edge, scarf }, tied, worn }: Dressed): boolean {
  if (scarf || tied?.asked.tie === "head cover") return false;
  if (worn.some((item) => isWornSo(item, "collar-up") || isWornSo(item, "hood-up"))) return false;
  const isClosedHigh = worn.some(
    ({ asWorn }) => asWorn.kind === "coat" && asWorn.figures.closed && !hasLapels(asWorn.figures),
  );
  return !isClosedHigh && edge !== null && !edge.high && edge.below > 0;
}
