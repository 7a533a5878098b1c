import { adjustmentOn } from "@/core/piece/adjustment";
import { Legs } from "../figure/garments/legs";
import { styleOf } from "../figure/garments/style";
import { GarmentPlate } from "../plates/garment-plate";
import { trousersFlat } from "../flats/trousers-flat";
import { flatBox } from "../flats/flat";
import type { KindDrawing } from "./kind-drawing";

export const trousers: KindDrawing<"trousers"> = {
  plate: (drawing) => <GarmentPlate {...drawing} flat={trousersFlat(drawing.piece.figures)} />,
  box: ({ figures }) => flatBox(trousersFlat(figures)),
  asWorn: ({ worn, dressed, frame, paint }) => (
    <Legs
      trousers={worn.piece}
      hem={worn.extent.from}
      turn={adjustmentOn(dressed.look.adjustments, "turn", worn.piece.id)}
      frame={frame}
      style={styleOf(paint)}
    />
  ),
  caption: ({ leg, inseam, opening }, say) => [leg, `inseam ${say(inseam)}`, `opening ${say(opening)}`],
};
