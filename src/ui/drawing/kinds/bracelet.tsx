import { WristBand } from "../figure/worn/wrist-band";
import { metalColour } from "../metal-colour";
import { BraceletPlate } from "../plates/bracelet-plate";
import type { KindDrawing } from "./kind-drawing";

export const bracelet: KindDrawing<"bracelet"> = {
  plate: ({ piece, size }) => (
    <BraceletPlate
      piece={piece}
      middle={size / 2}
      colour={piece.swatches[0]?.hex ?? metalColour(piece) ?? "#8a8a8a"}
    />
  ),
  box: ({ figures }) => ({ width: 10, height: Math.max(8, figures.width + 4) }),
  asWorn: ({ worn: { piece }, frame, paint }) => (
    <WristBand piece={piece} side={1} tall={Math.max(0.8, piece.figures.width)} frame={frame} paint={paint} />
  ),
  hangs: "on the arms",
  caption: ({ form }) => [form],
};
