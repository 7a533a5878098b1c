import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import { Top } from "../figure/garments/bodice";
import { formBox, OnForm } from "../plates/on-form";
import type { KindDrawing } from "./kind-drawing";

/** How far a tucked top goes on under the waistband, cm. */
const underWaistband = 3;

/** A top by itself hangs out, at its own length. */
const hung = <P extends { readonly figures: { readonly tucked: boolean } }>(piece: P): P => ({
  ...piece,
  figures: { ...piece.figures, tucked: false },
});

export const top: KindDrawing<"top"> = {
  plate: ({ piece, size, paint, id }) => (
    <OnForm piece={hung(piece)} size={size}>
      {(frame, { from }) => (
        <Top piece={piece} hem={from} tucked={false} frame={frame} paint={paint} id={id} empty />
      )}
    </OnForm>
  ),
  box: (piece) => formBox(hung(piece)),
  asWorn({ worn: { asWorn, extent }, frame, paint, id }) {
    const waist = frame.body.measures.waistLine.cm;
    const hem = Math.min(extent.from, waist - underWaistband);
    const tucked = extent.from >= waist;
    return <Top piece={asWorn} hem={hem} tucked={tucked} frame={frame} paint={paint} id={id} />;
  },
  hangs: "on the arms",
  caption: ({ neckline, length }, say) => [neckline, sayWith(drawingWords.long, { length: say(length) })],
};
