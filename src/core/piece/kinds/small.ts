import type { LayerName } from "../layers";
import { fixedArea } from "./areas";
import { none } from "./insulation";

/** What jewellery, eyewear and hair pieces have in common: small, on top of everything, and not warm. */
export const small = {
  place: null,
  layer: (): LayerName => "outermost",
  area: fixedArea(0.005),
  insulation: none,
} as const;
