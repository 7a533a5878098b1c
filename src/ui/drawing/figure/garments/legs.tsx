import type { Legged } from "@/core/piece/piece";
import { turnLength } from "@/core/proportion/hem";
import type { Turn } from "@/core/piece/adjustment";
import { lineOn } from "../../paint";
import type { Frame } from "../frame";
import { across, band, curve, type Point } from "../path";
import { Silhouette } from "../silhouette";
import { wornHalf, type GarmentStyle } from "./style";

interface LegsProps {
  readonly trousers: Legged;
  readonly hem: number;
  readonly turn: Turn | null;
  readonly frame: Frame;
  readonly style: GarmentStyle;
}

/** Trousers from the front: seat, legs at their true widths, crease or seams, turn-up. */
export function Legs({ trousers, hem, turn, frame, style }: LegsProps) {
  const { drop, leg } = trousers.figures;
  const m = frame.body.measures;
  const crotch = m.crotch.cm - drop;
  const half = halfOf(trousers, hem - turnLength(turn));
  const knee = Math.max(m.kneeLine.cm, hem + 14);
  const long = knee < crotch - 10;
  const kneeHalf = Math.max(frame.legHalf(knee) + 0.8, half(knee) * (leg === "flared" ? 0.82 : 1));
  const outer: Point[] = [
    { x: frame.trunk(m.waistLine.cm) + 0.5, h: m.waistLine.cm },
    { x: frame.trunk((m.waistLine.cm + m.hipLine.cm) / 2) + 0.9, h: (m.waistLine.cm + m.hipLine.cm) / 2 },
    { x: frame.trunk(m.hipLine.cm) + 1, h: m.hipLine.cm },
    {
      x: Math.max(frame.trunk(m.crotch.cm) + 0.9, frame.legAxis(crotch) + half(crotch) * 0.9),
      h: crotch - 3,
    },
    ...(long ? [{ x: frame.legAxis(knee) + kneeHalf, h: knee }] : []),
    { x: frame.legAxis(hem) + half(hem), h: hem },
  ];
  const inner: Point[] = [
    { x: 0, h: m.waistLine.cm },
    { x: 0, h: crotch + 0.4 },
    ...(long ? [{ x: Math.max(0.5, frame.legAxis(knee) - kneeHalf), h: knee }] : []),
    { x: Math.max(0.4, frame.legAxis(hem) - half(hem)), h: hem },
  ];
  const legs = [band(outer, inner), band(across(outer), across(inner))];
  const between = curve(inner.slice(1));
  const creased = trousers.poles.includes("tailored") || leg === "wide";
  const waist = m.waistLine.cm - 3.6;
  return (
    <Silhouette parts={legs} fill={style.fill} line={style.line}>
      <path d={between} {...style.fold} strokeOpacity={0.7} />
      <path d={curve(across(inner.slice(1)))} {...style.fold} strokeOpacity={0.7} />
      <path d={`M 0 ${-m.waistLine.cm} L 0 ${-crotch}`} {...style.fold} />
      <path
        d={`M ${-frame.trunk(waist) - 0.6} ${-waist} Q 0 ${-waist + 0.9} ${frame.trunk(waist) + 0.6} ${-waist}`}
        {...style.fold}
      />
      {[1, -1].map((side) => (
        <g key={side}>
          <path
            d={`M ${side * (frame.trunk(waist) * 0.62)} ${-waist} Q ${side * (frame.trunk(m.hipLine.cm) * 0.8)} ${-(waist - 7)} ${side * (frame.trunk(m.hipLine.cm) + 0.9)} ${-(waist - 12)}`}
            {...style.fold}
          />
          {creased && (
            <path
              d={`M ${side * frame.legAxis(crotch)} ${-(crotch + 8)} Q ${side * frame.legAxis(knee)} ${-knee} ${side * frame.legAxis(hem)} ${-(hem + 0.6)}`}
              {...style.fold}
            />
          )}
          {turn && (
            <TurnUp
              trousers={trousers}
              turn={turn}
              x={side * frame.legAxis(hem)}
              half={half(hem)}
              hem={hem}
              fill={style.fill}
            />
          )}
        </g>
      ))}
    </Silhouette>
  );
}

/** Half the worn width of a leg at a height, from its opening, its circumference above it, and its cut. */
function halfOf(trousers: Legged, hem: number): (height: number) => number {
  const { opening, above } = trousers.figures;
  const slope = (above - opening) / 10;
  return (height) => (opening + slope * Math.min(10, Math.max(0, height - hem))) * wornHalf;
}

interface TurnUpProps {
  readonly trousers: Legged;
  readonly turn: Turn;
  readonly x: number;
  readonly half: number;
  readonly hem: number;
  readonly fill: string;
}

function TurnUp({ trousers, turn, x, half, hem, fill }: TurnUpProps) {
  const reverse = trousers.swatches.find(({ role }) => role === "reverse")?.hex ?? null;
  const ground = reverse ?? trousers.swatches[0]?.hex ?? "#888888";
  const wide = half + 0.4;
  return (
    <path
      d={`M ${x - wide} ${-(hem + turn.depth)} Q ${x} ${-(hem + turn.depth) + 0.7} ${x + wide} ${-(hem + turn.depth)} L ${x + wide} ${-hem} Q ${x} ${-hem + 0.7} ${x - wide} ${-hem} Z`}
      fill={reverse ?? fill}
      stroke={lineOn(ground)}
      strokeWidth={0.35}
    />
  );
}
