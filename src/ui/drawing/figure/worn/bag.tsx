import type { PieceOf } from "@/core/piece/piece";
import type { Paint } from "../../paint";
import { BagBody, carriedView, holds, Strap } from "../../plates/bag-plate";
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

/** A bag on its strap, at the place the core computed. */
export function CarriedBag({ bag, top, side, frame, paint, id }: CarriedBagProps) {
  const { carry, width, strap, shape } = bag.figures;
  const m = frame.body.measures;
  const onBody = carry === "shoulder" || carry === "cross-body";
  const x = side * (onBody ? frame.trunk(m.hipLine.cm) + 5 : frame.wrist.x + 3);
  const hooked = {
    shoulder: { x: frame.shoulderHalf * 0.8, h: m.shoulder.cm + 1.6 },
    "cross-body": { x: -frame.shoulderHalf * 0.6, h: m.shoulder.cm + 2.6 },
    crook: { x: frame.armAxis(m.elbow.cm), h: m.elbow.cm },
    hand: { x: frame.wrist.x + 2.4, h: m.fingertip.cm + 4.5 },
    clutch: null,
    wrist: { x: frame.wrist.x, h: frame.wrist.height },
  }[carry];
  const hook = hooked && { x: side * hooked.x, h: hooked.h };
  const half = width * holds[shape] * carriedView.front;
  return (
    <g>
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
        <BagBody bag={bag} paint={paint} id={id} view={carriedView} />
      </g>
    </g>
  );
}
