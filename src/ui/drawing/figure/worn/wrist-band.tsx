import type { Piece } from "@/core/piece/piece";
import { metalColour } from "../../metal-colour";
import type { Paint } from "../../paint";
import type { Frame } from "../frame";

interface WristBandProps {
  readonly piece: Piece;
  /** 1 for the body's left, -1 for its right. */
  readonly side: 1 | -1;
  readonly tall: number;
  readonly frame: Frame;
  readonly paint: Paint;
}

/** What goes round a wrist. */
export function WristBand({ piece, side, tall, frame, paint }: WristBandProps) {
  const half = frame.armHalf(frame.wrist.height);
  return (
    <rect
      x={side * frame.wrist.x - half - 0.3}
      y={-frame.wrist.height - tall / 2}
      width={2 * half + 0.6}
      height={tall}
      rx={0.5}
      fill={paint.ground}
      stroke={metalColour(piece) ?? paint.line}
      strokeWidth={0.35}
    />
  );
}
