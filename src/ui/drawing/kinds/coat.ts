import { layerDrawing } from "./layer-drawing";

export const coat = layerDrawing<"coat">("coat");
