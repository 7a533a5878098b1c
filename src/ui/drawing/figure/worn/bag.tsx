import type { PieceOf } from "@/core/piece/piece";
import type { Paint } from "../../paint";
import { BagBody, carriedView, holds, Strap, TopHandle } from "../../plates/bag-plate";
import type { Frame } from "../frame";

interface CarriedBagProps {
  readonly bag: PieceOf<"bag">;
  readonly top: number;
  /** 1 for the right of the picture, -1 for its left. */
  readonly side: 1 | -1;
  readonly frame: Frame;
  readonly paint: Paint;
  readonly id: string;
}

type Carried = Pick<CarriedBagProps, "top" | "side" | "frame">;

/** Where a bag hangs, y down: its middle, half its width, and where its strap is held; null where it has none. */
function hung(bag: PieceOf<"bag">, { side, frame }: Pick<Carried, "side" | "frame">) {
  const { carry, width, shape } = bag.figures;
  const m = frame.body.measures;
  const onBody = carry === "shoulder" || carry === "cross-body";
  const x =
    carry === "waist" ? side * 5 : side * (onBody ? frame.trunk(m.hipLine.cm) + 5 : frame.wrist.x + 3);
  const hooked = {
    shoulder: { x: frame.shoulderHalf * 0.8, h: m.shoulder.cm + 1.6 },
    "cross-body": { x: -frame.shoulderHalf * 0.6, h: m.shoulder.cm + 2.6 },
    crook: { x: frame.armAxis(m.elbow.cm), h: m.elbow.cm },
    hand: { x: frame.wrist.x + 2.4, h: m.fingertip.cm + 4.5 },
    clutch: null,
    wrist: { x: frame.wrist.x, h: frame.wrist.height },
    waist: null,
  }[carry];
  const hook = hooked && { x: side * hooked.x, h: hooked.h };
  const half = width * holds[shape] * carriedView.front;
  return { x, hook, half };
}

/** Where on a carried bag a scarf is tied, y down: the foot of its handle and a place up along it; null without one. */
export function bagHandle(bag: PieceOf<"bag">, { top, side, frame }: Carried) {
  const { x, hook, half } = hung(bag, { side, frame });
  if (!hook || bag.figures.strap === 0) return null;
  const foot = { x: x - half * 0.96, y: -top - 0.6 };
  const held = { x: hook.x, y: -hook.h };
  const long = Math.hypot(held.x - foot.x, held.y - foot.y);
  const share = Math.min(9, Math.max(4.5, long * 0.72)) / long;
  // A strap rises steeply before it bends to the hand.
  return {
    foot,
    upper: { x: foot.x + (held.x - foot.x) * share * 0.55, y: foot.y + (held.y - foot.y) * share },
  };
}

/** A bag on its strap, at the place the core computed. */
export function CarriedBag({ bag, top, side, frame, paint, id }: CarriedBagProps) {
  const { carry, strap } = bag.figures;
  const { x, hook, half } = hung(bag, { side, frame });
  const waist = frame.body.measures.waistLine.cm - 1;
  const round = frame.trunk(waist) + 1.6;
  return (
    <g>
      {carry === "waist" && (
        <Strap bag={bag} paint={paint} d={`M${-round} ${-waist}Q0 ${-waist + 2.4} ${round} ${-waist}`} />
      )}
      {hook && strap > 0 && (
        <Strap
          bag={bag}
          paint={paint}
          d={
            carry === "cross-body"
              ? `M${hook.x} ${-hook.h}C${hook.x + side * 6} ${-hook.h + 10} ${x - side * (half + 5)} ${-top - 12} ${x - side * half} ${-top + 1}`
              : `M${x - half} ${-top + 1}C${x - half} ${-top - 4} ${hook.x - 1.4} ${-hook.h + 6} ${hook.x - 1.1} ${-hook.h}` +
                `Q${hook.x} ${-hook.h - 1.1} ${hook.x + 1.1} ${-hook.h}C${hook.x + 1.8} ${-hook.h + 6} ${x + half} ${-top - 4} ${x + half} ${-top + 1}`
          }
        />
      )}
      <g transform={`translate(${x}, ${-top})`}>
        <TopHandle bag={bag} paint={paint} view={carriedView} />
        <BagBody bag={bag} paint={paint} id={id} view={carriedView} />
      </g>
    </g>
  );
}
