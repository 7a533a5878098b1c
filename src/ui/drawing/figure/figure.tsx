import { useId, type CSSProperties } from "react";
import type { Dressed, Worn } from "@/core/dressing/dressed";
import type { LengthUnit } from "@/core/length/length";
import { turnOn } from "@/core/piece/adjustment";
import { isTucked } from "@/core/dressing/extent";
import { AccessoryShape } from "./accessory-shape";
import { BodyShape } from "./body-shape";
import { frameOf } from "./frame";
import { GarmentShape } from "./garment-shape";
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
      <BodyShape frame={frame} colouring={dressed.look.client.colouring} />
      {[...dressed.worn]
        .sort((one, other) => order(one, dressed) - order(other, dressed))
        .map((worn) => (
          <g key={worn.piece.id} data-piece={worn.piece.id}>
            {worn.slot === null || worn.slot === "layer" ? (
              <GarmentShape
                worn={worn}
                turn={turnOn(dressed.look.adjustments, worn.piece.id)}
                frame={frame}
                scope={scope}
              />
            ) : (
              <AccessoryShape worn={worn} frame={frame} dressed={dressed} scope={scope} />
            )}
          </g>
        ))}
    </svg>
  );
}

/** From the skin outwards. */
function order({ piece }: Worn, { look, leg }: Dressed): number {
  switch (piece.kind) {
    case "hosiery":
      return 0;
    case "shoe":
      return leg?.fit?.meeting === "tucked" ? 4 : 1;
    case "top":
      return isTucked(piece, look.adjustments) ? 2 : 6;
    case "trousers":
    case "skirt":
      return 3;
    case "dress":
      return 5;
    case "necklace":
      return 7;
    case "belt":
      return 8;
    case "jacket":
      return 9;
    case "coat":
      return 10;
    case "scarf":
      return 11;
    default:
      return 12;
  }
}
