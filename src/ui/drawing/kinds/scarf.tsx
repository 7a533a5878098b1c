import { WornScarf } from "../figure/worn/scarf";
import { ScarfPlate } from "../plates/scarf-plate";
import type { KindDrawing } from "./kind-drawing";

export const scarf: KindDrawing<"scarf"> = {
  plate: ({ piece, paint, id, size }) => <ScarfPlate scarf={piece} paint={paint} id={id} size={size} />,
  box: ({ figures: { sideA, sideB } }) =>
    Math.abs(sideA - sideB) < 20 ? { width: 70, height: 42 } : { width: 62, height: 74 },
  asWorn: ({ worn, frame, paint }) => (
    <WornScarf scarf={worn.piece} frame={frame} fill={paint.fill} line={paint.line} />
  ),
  caption: ({ sideA, sideB, worn }, say) => [`${say(sideA)} x ${say(sideB)}`, worn],
};
