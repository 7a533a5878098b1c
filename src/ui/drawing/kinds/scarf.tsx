import { tiedOn, usualTie } from "@/core/piece/tied-scarf";
import { TiedScarfOnFigure } from "../scarf/tied-scarf";
import { WornScarf } from "../figure/worn/scarf";
import { ScarfPlate } from "../plates/scarf-plate";
import type { KindDrawing } from "./kind-drawing";

export const scarf: KindDrawing<"scarf"> = {
  plate: ({ piece, paint, id, size }) => <ScarfPlate scarf={piece} paint={paint} id={id} size={size} />,
  box: ({ figures: { sideA, sideB } }) =>
    Math.abs(sideA - sideB) < 20 ? { width: 70, height: 42 } : { width: 62, height: 74 },
  asWorn({ worn: { piece }, dressed, frame, paint, id }) {
    const usual = usualTie(piece);
    const tied =
      dressed.tied?.scarf.id === piece.id ? dressed.tied : usual && tiedOn(piece, usual, dressed.body);
    return tied?.answer.possible ? (
      <TiedScarfOnFigure tied={tied} scarf={piece} dressed={dressed} frame={frame} paint={paint} id={id} />
    ) : (
      <WornScarf scarf={piece} frame={frame} fill={paint.fill} line={paint.line} />
    );
  },
  caption: ({ sideA, sideB }, say) => [`${say(sideA)} x ${say(sideB)}`],
};
