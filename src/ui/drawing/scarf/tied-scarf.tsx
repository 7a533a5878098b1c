import { mixed } from "../cloth/tones";
import type { Dressed } from "@/core/dressing/dressed";
import { clothEdges, gridOf, type GridCell } from "@/core/scarf/grid";
import { namedFolds } from "@/core/scarf/folds";
import { foldOf } from "@/core/scarf/tied";
import { clothOf, picturedOn, type Scarf, type TiedScarf } from "@/core/piece/tied-scarf";
import type { Frame } from "../figure/frame";
import type { Paint } from "../paint";
import { laidParts } from "./laid-parts";
import { reverseOf } from "./reverse";
import { seatOf } from "./seats";
import {
  colouredStrip,
  lineAlong,
  outlineOf,
  shadeOf,
  type FoldedLook,
  type Spot,
  type Strip,
} from "./strip";

/** How finely a folded scarf is looked at for its drawing, along and across: a band, and what is spread. */
const fine = { band: [72, 12], spread: [56, 28] } as const;

interface TiedScarfProps {
  readonly tied: TiedScarf;
  /** The scarf in the colours it is drawn in. */
  readonly scarf: Scarf;
  readonly dressed: Dressed;
  readonly frame: Frame;
  readonly paint: Paint;
  readonly id: string;
}

/** A scarf folded and tied on the figure, with its own picture. */
export function TiedScarfOnFigure({
  tied: { asked, answer },
  scarf,
  dressed,
  frame,
  paint,
  id,
}: TiedScarfProps) {
  if (!answer.possible) return null;
  const { tied } = answer;
  const cloth = clothOf(scarf);
  const picture = picturedOn(scarf);
  const { axis, makes } = namedFolds[asked.fold];
  const fillOf = ({ colour, face }: GridCell) => {
    const hex = picture.colours[colour] ?? "#999999";
    return face === "right" ? hex : reverseOf(hex, scarf.figures.paler);
  };
  const edges = clothEdges(foldOf(cloth, asked), axis);
  const look = {
    grid: gridOf(cloth, picture, asked, fine[makes === "band" ? "band" : "spread"]),
    edges,
    fillOf,
  };
  const aside = tied.parts.some(({ place }) => place === "across") && tied.tail > 0;
  const seat = seatOf({ tied, frame, dressed, aside });
  return (
    <g
      strokeLinejoin="round"
      strokeLinecap="round"
      opacity={paint.surface.cover < 1 ? paint.surface.cover : undefined}
    >
      {laidParts({ tied, seat, frame, edges }).map(({ part, strips }, at) =>
        part.place === "ring" ? (
          <Ring key={at} {...seat.knot} />
        ) : (
          strips.map((strip, i) => (
            <Stretch key={`${at} ${i}`} strip={strip} look={look} paint={paint} id={`${id}-${at}-${i}`} />
          ))
        ),
      )}
    </g>
  );
}

function Ring({ x, y }: Spot) {
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

interface StretchProps {
  readonly strip: Strip;
  readonly look: FoldedLook;
  readonly paint: Paint;
  readonly id: string;
}

/** Where along the width the long folds of a stretch run, and how far along it. */
const folds = [
  [0.28, 0.9],
  [0.5, 0.78],
  [0.74, 0.66],
] as const;

/** One stretch of the scarf: its picture within its outline, its shadow and its folds. */
function Stretch({ strip, look, paint: { texture, tones, ground }, id }: StretchProps) {
  const d = outlineOf(strip, look.edges);
  return (
    <g>
      <clipPath id={id}>
        <path d={d} />
      </clipPath>
      <path d={d} fill={ground} stroke={mixed(tones.outline, "#000000", 0.15)} strokeWidth={0.42} />
      <g clipPath={`url(#${id})`}>
        {colouredStrip(strip, look).map(({ fill, d: cells }) => (
          <path key={fill} d={cells} fill={fill} stroke={fill} strokeWidth={0.05} />
        ))}
        {texture && <path d={d} fill={texture} />}
        <path d={shadeOf(strip, look.edges)} fill="#000" fillOpacity={0.17} />
        <path
          d={folds
            .map(([across, until]) =>
              lineAlong(strip, look.edges, across, strip.within ? [0.1, 0.9] : [0.02, until]),
            )
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
