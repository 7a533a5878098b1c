import { Layer } from "../figure/garments/layer";
import { styleOf } from "../figure/garments/style";
import { flatBox } from "../flats/flat";
import { layerFlat } from "../flats/upper-flat";
import { GarmentPlate } from "../plates/garment-plate";
import type { KindDrawing } from "./kind-drawing";

export const coat: KindDrawing<"coat"> = {
  plate: (drawing) => <GarmentPlate {...drawing} flat={layerFlat(drawing.piece.figures)} />,
  box: ({ figures }) => flatBox(layerFlat(figures)),
  asWorn: ({ worn: { asWorn, extent }, frame, paint }) => (
    <Layer piece={asWorn} hem={extent.from} frame={frame} style={styleOf(paint)} />
  ),
  caption: ({ collar, length }, say) => [collar, `${say(length)} long`],
};
