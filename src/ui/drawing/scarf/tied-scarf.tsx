import { mixed } from "../cloth/tones";
import { gridOf, type FoldedGrid, type GridCell } from "@/core/scarf/grid";
import { clothOf, picturedOn, type Scarf, type TiedScarf } from "@/core/piece/tied-scarf";
import type { Tied } from "@/core/scarf/tied";
import type { Frame } from "../figure/frame";
import type { Paint } from "../paint";
import { knotRadius, laidParts, seatOf, type LaidPart } from "./places";
import { reverseOf } from "./reverse";
import { colouredStrip, lineAlong, outlineOf, shadeOf } from "./strip";

/** How finely a folded scarf is looked at for its drawing: along and across. */
const fine = [72, 12] as const;

interface TiedScarfProps {
  readonly tied: TiedScarf;
  /** The scarf in the colours it is drawn in. */
  readonly scarf: Scarf;
  readonly frame: Frame;
  readonly paint: Paint;
  readonly id: string;
}

/** A scarf folded and tied on the figure, with its own picture. */
export function TiedScarfOnFigure({ tied: { asked, answer }, scarf, frame, paint, id }: TiedScarfProps) {
  if (!answer.possible) return null;
  const { tied } = answer;
  const picture = picturedOn(scarf);
  const grid = gridOf(clothOf(scarf), picture, asked, fine);
  const fillOf = ({ colour, face }: GridCell) => {
    const hex = picture.colours[colour] ?? "#999999";
    return face === "right" ? hex : reverseOf(hex, scarf.figures.paler);
  };
  const aside = tied.parts.some(({ place }) => place === "across") && tied.tail > 0;
  const seat = seatOf(tied.spec.place, frame, aside);
  return (
    <g
      strokeLinejoin="round"
      strokeLinecap="round"
      opacity={paint.surface.cover < 1 ? paint.surface.cover : undefined}
    >
      {laidParts(tied, seat).map((laid, at) => (
        <Part
          key={at}
          {...laid}
          tied={tied}
          seat={seat}
          grid={grid}
          fillOf={fillOf}
          paint={paint}
          id={`${id}-${at}`}
        />
      ))}
    </g>
  );
}

interface PartProps extends LaidPart {
  readonly tied: Tied;
  readonly seat: ReturnType<typeof seatOf>;
  readonly grid: FoldedGrid;
  readonly fillOf: (cell: GridCell) => string;
  readonly paint: Paint;
  readonly id: string;
}

/** Where along the width the long folds of a stretch run. */
const foldsAt = [0.28, 0.5, 0.74] as const;

function Part({ part, strip, tied, seat, grid, fillOf, paint, id }: PartProps) {
  const { texture, tones } = paint;
  const outline = mixed(tones.outline, "#000000", 0.15);
  if (part.place === "ring") {
    const { x, y } = seat.knot;
    return (
      <g>
        <rect
          x={x - 1.7}
          y={y - 0.9}
          width={3.4}
          height={1.8}
          rx={0.8}
          fill="#c7a255"
          stroke="#6d5420"
          strokeWidth={0.16}
        />
        <path d={`M${x - 1.2} ${y - 0.45}h1.6`} stroke="#f3e2b4" strokeWidth={0.24} fill="none" />
      </g>
    );
  }
  if (!strip) return null;
  const isKnot = part.place === "knot";
  const r = knotRadius(tied);
  const { x, y } = seat.knot;
  const d = isKnot
    ? `M${x - r.x} ${y}C${x - r.x} ${y - r.y * 1.15} ${x + r.x} ${y - r.y * 1.15} ${x + r.x} ${y}C${x + r.x} ${y + r.y * 1.15} ${x - r.x} ${y + r.y * 1.15} ${x - r.x} ${y}Z`
    : outlineOf(strip, grid);
  return (
    <g>
      <clipPath id={id}>
        <path d={d} />
      </clipPath>
      <path d={d} fill={paint.ground} stroke={outline} strokeWidth={0.42} />
      <g clipPath={`url(#${id})`}>
        {colouredStrip(strip, grid, fillOf).map(({ fill, d: cells }) => (
          <path key={fill} d={cells} fill={fill} stroke={fill} strokeWidth={0.05} />
        ))}
        {texture && <path d={d} fill={texture} />}
        <path
          d={
            isKnot
              ? `M${x} ${y + r.y}C${x + r.x * 0.4} ${y + r.y * 0.4} ${x + r.x * 0.4} ${y - r.y * 0.5} ${x + r.x * 0.7} ${y - r.y}H${x + r.x * 2}V${y + r.y * 2}Z`
              : shadeOf(strip, grid)
          }
          fill="#000"
          fillOpacity={0.17}
        />
        <path
          d={foldsAt
            .map((at, i) => lineAlong(strip, at, isKnot ? [0.1, 0.9] : [0.02, 0.9 - i * 0.12]))
            .join("")}
          fill="none"
          stroke="#000"
          strokeOpacity={0.22}
          strokeWidth={0.16}
        />
      </g>
    </g>
  );
}
