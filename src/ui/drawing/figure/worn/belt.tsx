import { isWornSo, type Dressed, type WornOf } from "@/core/dressing/dressed";
import { mixed } from "../../cloth/tones";
import { metalColour } from "../../metal-colour";
import type { Paint } from "../../paint";
import type { Frame } from "../frame";
import { topEase } from "../garments/cut";

interface WornBeltProps {
  readonly worn: WornOf<"belt">;
  readonly dressed: Dressed;
  readonly frame: Frame;
  readonly paint: Paint;
}

/** How far a jacket or a coat stands off the waist under a belt, cm. */
const layerEase = 2;

/** A belt round the waist, over whatever cloth is there. */
export function WornBelt({ worn, dressed, frame, paint }: WornBeltProps) {
  const { piece, extent } = worn;
  const over = isWornSo(worn, "belted-over") ? layerEase : 0;
  const half = frame.trunk(frame.body.measures.waistLine.cm) + 0.6 + Math.max(over, looseness(dressed));
  return (
    <g>
      <path
        d={`M ${-half} ${-extent.to} Q 0 ${-extent.to + 1} ${half} ${-extent.to} L ${half} ${-extent.from} Q 0 ${-extent.from + 1} ${-half} ${-extent.from} Z`}
        fill={paint.fill}
        stroke={paint.line}
        strokeWidth={0.25}
        strokeDasharray={piece.finish === "raffia" ? "0.6 0.4" : undefined}
      />
      <rect
        x={-1.6}
        y={-extent.to + 0.2}
        width={3.2}
        height={piece.figures.width + 0.6}
        rx={0.4}
        fill="none"
        stroke={metalColour(piece) ?? mixed(paint.ground, "#000000", 0.3)}
        strokeWidth={0.6}
      />
    </g>
  );
}

/** How far the cloth under a belt stands off the waist, cm. */
function looseness({ worn, body }: Dressed): number {
  const over = worn.find(
    ({ asWorn }) => asWorn.kind === "dress" || (asWorn.kind === "top" && !asWorn.figures.tucked),
  )?.asWorn;
  if (over?.kind === "top") return topEase(over.figures.bodyGirth, body.measures.bust.cm);
  return over ? 1.2 : 0;
}
