import { isWornSo, type Dressed, type Worn } from "../dressing/dressed";
import { adjustmentOn } from "../piece/adjustment";
import type { Piece } from "../piece/piece";
import { hangsLoose } from "../piece/tied-scarf";

/** A chain that hangs lower swings free of the body, cm below the side neck points. */
const longChain = 28;

/**
 * The piece of a look that can be caught by a machine, a wheel or a small hand: a scarf, a long chain, a layer or a knit
 * that nobody's arms are in; null without one.
 */
export function looseOf({
  look,
  tied,
  neck,
  worn,
}: Pick<Dressed, "look" | "tied" | "neck" | "worn">): Piece | null {
  const scarf = look.accessories.find((piece) => piece.kind === "scarf") ?? null;
  if (scarf && hangsLoose(tied)) return scarf;
  const chain = neck.necklaces.find(({ lowest }) => lowest > longChain)?.necklace;
  return chain ?? worn.find(hangsFree)?.piece ?? null;
}

function hangsFree(item: Worn): boolean {
  const { figures } = item.asWorn;
  if ("form" in figures && figures.form === "cape") return true;
  if (isWornSo(item, "round-shoulders")) return true;
  return adjustmentOn(item.adjustments, "front", item.piece.id)?.how === "over the shoulders";
}
