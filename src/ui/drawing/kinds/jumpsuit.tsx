import { adjustmentOn } from "@/core/piece/adjustment";
import { JumpsuitBodice } from "../figure/garments/bodice";
import { Legs } from "../figure/garments/legs";
import { styleOf } from "../figure/garments/style";
import { flatBox } from "../flats/flat";
import { jumpsuitFlat } from "../flats/jumpsuit-flat";
import { GarmentPlate } from "../plates/garment-plate";
import type { KindDrawing } from "./kind-drawing";

export const jumpsuit: KindDrawing<"jumpsuit"> = {
  plate: (drawing) => <GarmentPlate {...drawing} flat={jumpsuitFlat(drawing.piece.figures)} />,
  box: ({ figures }) => flatBox(jumpsuitFlat(figures)),
  asWorn({ worn, dressed, frame, paint }) {
    const style = styleOf(paint);
    const turn = adjustmentOn(dressed.look.adjustments, "turn", worn.piece.id);
    return (
      <g>
        <Legs trousers={worn.piece} hem={worn.extent.from} turn={turn} frame={frame} style={style} />
        <JumpsuitBodice piece={worn.asWorn} frame={frame} style={style} />
      </g>
    );
  },
  caption: ({ leg, inseam, opening }, say) => [leg, `inseam ${say(inseam)}`, `opening ${say(opening)}`],
};
