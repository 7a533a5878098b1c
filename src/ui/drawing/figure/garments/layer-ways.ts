import { isWornSo, type Worn } from "@/core/dressing/dressed";
import { adjustmentOn } from "@/core/piece/adjustment";
import type { LayerWays } from "./layer";

/** How a layer is worn, as it is drawn. */
export function layerWays(worn: Worn): LayerWays {
  return {
    laid: adjustmentOn(worn.adjustments, "front", worn.piece.id)?.how === "over the shoulders",
    collarUp: isWornSo(worn, "collar-up"),
    hoodUp: isWornSo(worn, "hood-up"),
  };
}
