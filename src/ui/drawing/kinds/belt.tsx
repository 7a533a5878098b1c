import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { WornBelt } from "../figure/worn/belt";
import { beltBox, BeltPlate } from "../plates/belt-plate";
import type { KindDrawing } from "./kind-drawing";

export const belt: KindDrawing<"belt"> = {
  plate: ({ piece, size, paint, id }) => <BeltPlate belt={piece} paint={paint} id={id} size={size} />,
  box: beltBox,
  asWorn: ({ worn, dressed, frame, paint }) => (
    <WornBelt worn={worn} dressed={dressed} frame={frame} paint={paint} />
  ),
  caption: ({ width }, say) => [sayWith(drawingWords.wide, { width: say(width) })],
};
