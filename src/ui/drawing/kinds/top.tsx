import { Top } from "../figure/garments/bodice";
import { styleOf } from "../figure/garments/style";
import { flatBox } from "../flats/flat";
import { topFlat } from "../flats/upper-flat";
import { GarmentPlate } from "../plates/garment-plate";
import type { KindDrawing } from "./kind-drawing";

/** How far a tucked top goes on under the waistband, cm. */
const underWaistband = 3;

export const top: KindDrawing<"top"> = {
  plate: (drawing) => <GarmentPlate {...drawing} flat={topFlat(drawing.piece.figures)} />,
  box: ({ figures }) => flatBox(topFlat(figures)),
  asWorn({ worn: { asWorn, extent }, frame, paint }) {
    const waist = frame.body.measures.waistLine.cm;
    const hem = Math.min(extent.from, waist - underWaistband);
    const tucked = extent.from >= waist;
    return <Top piece={asWorn} hem={hem} tucked={tucked} frame={frame} style={styleOf(paint)} />;
  },
  onArms: true,
  caption: ({ neckline, length }, say) => [neckline, `${say(length)} long`],
};
