import type { Dressed, WornOf } from "@/core/dressing/dressed";
import { isWornSo } from "@/core/dressing/dressed";
import { neckEdgeOf } from "@/core/neck/neckline";
import { adjustmentOn } from "@/core/piece/adjustment";
import { sayWith } from "@/words/say";
import { drawingWords } from "@/words/drawing";
import type { Frame } from "../figure/frame";
import { Top } from "../figure/garments/bodice";
import { topEase } from "../figure/garments/cut";
import { shirtCollar, shirtCollarUp } from "../figure/garments/neckline";
import { FrontKnot, halfTuckTail, KnitTied } from "../figure/garments/top-ways";
import { paintOf } from "../paint";
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
  asWorn({ worn, dressed, frame, paint, id }) {
    const { asWorn, extent } = worn;
    const tied = adjustmentOn(worn.adjustments, "round-shoulders", worn.piece.id);
    if (tied) {
      const how = tied.how === "across the body" ? tied.how : "round the shoulders";
      return <KnitTied how={how} frame={frame} paint={paint} id={id} />;
    }
    const waist = frame.body.measures.waistLine.cm;
    const isHalf = isWornSo(worn, "half-tuck");
    // Half tucked, it lies over the waistband on one side: it ends there on the other.
    const hem = isHalf ? waist - 1 : Math.min(extent.from, waist - underWaistband);
    const ease = topEase(asWorn.figures.bodyGirth, frame.body.measures.bust.cm);
    return (
      <Top
        piece={asWorn}
        hem={hem}
        tucked={extent.from >= waist}
        collarUp={isWornSo(worn, "collar-up")}
        parts={isHalf ? [halfTuckTail(frame, ease)] : []}
        over={
          <>
            {isWornSo(worn, "knot-front") && <FrontKnot frame={frame} paint={paint} />}
            <CollarOver worn={worn} dressed={dressed} frame={frame} />
          </>
        }
        frame={frame}
        paint={paint}
        id={id}
      />
    );
  },
  hangs: "on the arms",
  caption: ({ neckline, length }, say) => [neckline, sayWith(drawingWords.long, { length: say(length) })],
};

interface CollarOverProps {
  readonly worn: WornOf<"top">;
  readonly dressed: Dressed;
  readonly frame: Frame;
}

/** The collar of the shirt under this top, where it is laid out over it. */
function CollarOver({ worn, dressed, frame }: CollarOverProps) {
  const shirt = dressed.worn.find(
    (item) => item.order < worn.order && isWornSo(item, "collar-over") && item.piece !== worn.piece,
  );
  if (!shirt) return null;
  const lowest = frame.body.measures.neckPoint.cm - (neckEdgeOf(shirt.asWorn)?.below ?? 0);
  const paint = paintOf(shirt.asWorn, "over");
  const leaves = isWornSo(shirt, "collar-up") ? shirtCollarUp(frame, lowest) : shirtCollar(frame, lowest);
  return leaves.map((d) => (
    <path key={d} d={d} fill={paint.ground} stroke={paint.tones.outline} strokeWidth={0.3} />
  ));
}
