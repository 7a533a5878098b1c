import { Skirt } from "../figure/garments/skirt";
import { styleOf } from "../figure/garments/style";
import { flatBox } from "../flats/flat";
import { skirtFlat } from "../flats/skirt-flat";
import { GarmentPlate } from "../plates/garment-plate";
import type { KindDrawing } from "./kind-drawing";

export const skirt: KindDrawing<"skirt"> = {
  plate: (drawing) => <GarmentPlate {...drawing} flat={skirtFlat(drawing.piece.figures)} />,
  box: ({ figures }) => flatBox(skirtFlat(figures)),
  asWorn: ({ worn: { piece, extent }, frame, paint }) => (
    <Skirt skirt={piece} top={extent.to} hem={extent.from} frame={frame} style={styleOf(paint)} />
  ),
  caption: ({ cut, length }, say) => [cut, `${say(length)} long`],
};
