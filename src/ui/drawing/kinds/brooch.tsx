import { adjustmentOn, type Adjustment } from "@/core/piece/adjustment";
import type { pinPlaces } from "@/core/piece/adjustments/pinned";
import { isScarfRing } from "@/core/piece/tied-scarf";
import { Brooch } from "../plates/brooch";
import type { Frame } from "../figure/frame";
import type { KindDrawing } from "./kind-drawing";

type PinPlace = (typeof pinPlaces)[number];

/** How far from the middle each place is, to the left of the picture. */
const asides: Readonly<Record<PinPlace, (frame: Frame) => number>> = {
  lapel: (frame) => frame.neckHalf + 3.4,
  collar: () => 0,
  shoulder: (frame) => frame.shoulderHalf * 0.74,
  waist: (frame) => frame.trunk(frame.body.measures.waistLine.cm) * 0.5,
  hat: (frame) => 0.03 * frame.body.height,
};

function pinnedAt(frame: Frame, own: readonly Adjustment[]): number {
  const pin = own.find(({ kind }) => kind === "pinned");
  const at = pin && adjustmentOn(own, "pinned", pin.piece)?.at;
  const aside = at ? asides[at](frame) : frame.shoulderHalf * 0.5;
  return -aside;
}

export const brooch: KindDrawing<"brooch"> = {
  plate: ({ piece: { figures }, size, paint, id }) => (
    <g transform={`translate(${size / 2}, ${size / 2})`}>
      <Brooch form={figures.form} across={figures.width} paint={paint} id={id} />
    </g>
  ),
  box: ({ figures }) => ({ width: figures.width + 2, height: figures.width + 2 }),
  // A scarf that is drawn through its ring shows it itself.
  asWorn: ({ worn: { piece, extent, adjustments }, dressed, frame, paint, id }) =>
    isScarfRing(piece) && dressed.tied?.answer.possible ? null : (
      <g transform={`translate(${pinnedAt(frame, adjustments)}, ${-(extent.from + extent.to) / 2})`}>
        <Brooch form={piece.figures.form} across={piece.figures.width} paint={paint} id={id} />
      </g>
    ),
  caption: ({ form, width }, say) => [form, say(width)],
};
