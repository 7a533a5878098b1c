import { layerDrawing } from "./layer-drawing";

export const jacket = layerDrawing<"jacket">("jacket");
