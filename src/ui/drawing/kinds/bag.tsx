import { adjustmentOn } from "@/core/piece/adjustment";
import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { CarriedBag } from "../figure/worn/bag";
import { BagPlate, bagReach, sideSeen } from "../plates/bag-plate";
import type { KindDrawing } from "./kind-drawing";

export const bag: KindDrawing<"bag"> = {
  plate: ({ piece, paint, id, size }) => <BagPlate bag={piece} paint={paint} id={id} size={size} />,
  box: (piece) => ({
    width: piece.figures.width + sideSeen(piece) + 5,
    height: piece.figures.height + bagReach(piece.figures.strap) + sideSeen(piece) * 0.34 + 5,
  }),
  asWorn: ({ worn: { piece, asWorn, extent }, dressed, frame, paint, id }) => (
    <CarriedBag
      bag={asWorn}
      top={extent.to}
      side={adjustmentOn(dressed.look.adjustments, "other-side", piece.id) ? -1 : 1}
      frame={frame}
      paint={paint}
      id={id}
    />
  ),
  hangs: "from the hand",
  caption: ({ carry, strap }, say) => [
    carry,
    strap > 0 ? sayWith(drawingWords.strap, { strap: say(strap) }) : "",
  ],
};
