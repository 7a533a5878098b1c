import type { Paint } from "../../paint";

interface OwnBeltProps {
  /** Middle of the belt above the footbed, and half the width of what it goes round, cm. */
  readonly at: number;
  readonly half: number;
  /** Tied in front; else it hangs from its loops at the sides. */
  readonly tied: boolean;
  readonly paint: Paint;
}

/** Width of a belt that a garment comes with, and how far its ends hang, cm. */
const wide = 4;
const hangs = 17;

/** The belt a dress or a coat came with, of the same cloth: tied in front, or hanging from its loops. */
export function OwnBelt({ at, half, tied, paint }: OwnBeltProps) {
  const line = { stroke: paint.tones.outline, strokeWidth: 0.28, strokeLinejoin: "round" } as const;
  const [top, low] = [-(at + wide / 2), -(at - wide / 2)];
  if (!tied)
    return [1, -1].map((side) => (
      <path
        key={side}
        d={`M${side * (half - 2.4)} ${top}V${low + hangs}H${side * (half - 5.4)}V${top}Z`}
        fill={paint.fill}
        {...line}
      />
    ));
  return (
    <g fill={paint.fill} {...line}>
      <path d={`M${-half} ${top}Q0 ${top + 1} ${half} ${top}V${low}Q0 ${low + 1} ${-half} ${low}Z`} />
      <path d={`M-0.4 ${low}L-4.6 ${low + hangs}L-1 ${low + hangs + 1}L1.4 ${low}Z`} />
      <path d={`M0.2 ${low}L2.6 ${low + hangs - 3}L5.8 ${low + hangs - 4.4}L2.4 ${low}Z`} />
      <path
        d={`M-2.1 ${top + 0.2}Q0 ${top - 0.6} 2.1 ${top + 0.2}L1.7 ${low + 1.3}Q0 ${low + 1.9} -1.7 ${low + 1.3}Z`}
      />
    </g>
  );
}
