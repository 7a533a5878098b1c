import type { PieceOf } from "@/core/piece/piece";
import { metalColour } from "../../metal-colour";
import { BagBody } from "../../plates/bag-plate";
import type { Frame } from "../frame";

/** A bag on its strap, at the place the core computed. */
export function CarriedBag({
  bag,
  top,
  frame,
  scope,
}: {
  readonly bag: PieceOf<"bag">;
  readonly top: number;
  readonly frame: Frame;
  readonly scope: string;
}) {
  const { carry, width, strap, strapMade } = bag.figures;
  const m = frame.body.measures;
  const metal = metalColour(bag) ?? "#888888";
  const colour = strapMade === "chain" ? metal : (bag.swatches[0]?.hex ?? "#777777");
  const onBody = carry === "shoulder" || carry === "cross-body";
  const x = onBody ? frame.trunk(m.hipLine.cm) + 6 : frame.wrist.x + 3;
  // Carried at the side, a bag turns its narrow end to the eye.
  const turned = 0.66;
  const hook = {
    shoulder: { x: frame.shoulderHalf * 0.82, h: m.shoulder.cm + 1.4 },
    "cross-body": { x: -frame.shoulderHalf * 0.62, h: m.shoulder.cm + 2.4 },
    crook: { x: frame.shoulderHalf + 6, h: m.elbow.cm },
    hand: { x: frame.wrist.x + 2, h: m.fingertip.cm + 4 },
    clutch: null,
    wrist: { x: frame.wrist.x, h: frame.wrist.height },
  }[carry];
  const half = width * 0.36 * turned;
  return (
    <g>
      {hook && strap > 0 && (
        <path
          d={`M ${x - half} ${-top + 1} L ${hook.x - 0.8} ${-hook.h} Q ${hook.x} ${-hook.h - 1} ${hook.x + 0.8} ${-hook.h} L ${x + half} ${-top + 1}`}
          fill="none"
          stroke={colour}
          strokeWidth={strapMade === "chain" ? 0.5 : 1}
          strokeDasharray={strapMade === "chain" ? "0.7 0.4" : undefined}
        />
      )}
      <g transform={`translate(${x}, ${-top}) scale(${turned}, 1)`}>
        <BagBody bag={bag} scope={scope} />
      </g>
    </g>
  );
}
