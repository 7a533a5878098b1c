import { Dress } from "../figure/garments/bodice";
import { styleOf } from "../figure/garments/style";
import { flatBox } from "../flats/flat";
import { dressFlat } from "../flats/upper-flat";
import { GarmentPlate } from "../plates/garment-plate";
import type { KindDrawing } from "./kind-drawing";

export const dress: KindDrawing<"dress"> = {
  plate: (drawing) => <GarmentPlate {...drawing} flat={dressFlat(drawing.piece.figures)} />,
  box: ({ figures }) => flatBox(dressFlat(figures)),
  asWorn: ({ worn: { asWorn, extent }, frame, paint }) => (
    <Dress piece={asWorn} hem={extent.from} frame={frame} style={styleOf(paint)} />
  ),
  caption: ({ cut, length }, say) => [cut, `${say(length)} long`],
};
