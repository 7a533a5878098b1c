import { useId, type CSSProperties } from "react";
import type { Dressed } from "@/core/dressing/dressed";
import type { LengthUnit } from "@/core/length/length";
import { DressedBody } from "./dressed-body";
import { frameOf } from "./frame";
import { Ruler } from "./ruler";

interface FigureProps {
  readonly dressed: Dressed;
  /** The unit of the tape. */
  readonly unit: LengthUnit;
  /** The figure in words, for those who do not see it. */
  readonly label: string;
  /** Without the tape and the plumb line. */
  readonly plain?: boolean;
  readonly className?: string;
  readonly style?: CSSProperties;
}

/** The look on the body, from the front and to scale, with a ruler and a plumb line. */
export function Figure({ dressed, unit, label, plain = false, className, style }: FigureProps) {
  const scope = useId();
  const frame = frameOf(dressed.body);
  const H = dressed.body.height;
  const top = H + 16;
  const half = Math.max(40, H * 0.25);
  return (
    <svg
      viewBox={
        plain
          ? `${-half} ${-H - 8} ${2 * half} ${H + dressed.lift + 10}`
          : `${-half - 14} ${-top - 1} ${2 * half + 14} ${top + dressed.lift + 7}`
      }
      className={className}
      style={style}
      role="img"
      aria-label={label}
    >
      {!plain && <Ruler height={H} lift={dressed.lift} left={-half - 2} right={half} unit={unit} />}
      <DressedBody dressed={dressed} frame={frame} scope={scope} />
    </svg>
  );
}
