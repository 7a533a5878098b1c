import { defineKind } from "./define-kind";
import { legFigures } from "./legs";

export const trousers = defineKind({ label: "Trousers", slot: null, place: "bottom", figures: legFigures });
