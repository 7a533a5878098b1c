import { openingOf, type PieceOf } from "@/core/piece/piece";
import { metalColour } from "../../metal-colour";
import { shoulderLine } from "../body-shape";
import type { Frame } from "../frame";
import { across, curve, type Point } from "../path";
import { Silhouette } from "../silhouette";
import { sideEdge } from "./bodice";
import { SleeveLines, sleeveParts } from "./sleeves";
import type { GarmentStyle } from "./style";

interface LayerProps {
  readonly piece: PieceOf<"jacket"> | PieceOf<"coat">;
  readonly hem: number;
  readonly frame: Frame;
  readonly style: GarmentStyle;
}

/** A jacket or a coat: two fronts, open or closed, sleeves, collar, buttons. */
export function Layer({ piece, hem, frame, style }: LayerProps) {
  const m = frame.body.measures;
  const coat = piece.kind === "coat";
  const ease = coat ? 2.6 : 1.5;
  const { closed, collar, sleeve } = piece.figures;
  const side = sideEdge(frame, hem, ease).map(({ x, h }) => ({
    x: coat && h < m.waistLine.cm ? x + (m.waistLine.cm - h) * 0.05 : x,
    h,
  }));
  const gape = closed ? -1.4 : 3.6;
  const breaks = openingOf(piece, frame.body) ?? m.neckPoint.cm - 5;
  const fronts = [1, -1].map((sign) => frontPath(frame, side, { sign, gape, breaks, hem, ease }));
  const metal = metalColour(piece);
  const buttons = piece.metalSize > 0 && metal ? metal : style.line;
  const count = coat ? 5 : 3;
  return (
    <Silhouette
      parts={[...sleeveParts(sleeve, frame, ease * 0.75), ...fronts]}
      fill={style.fill}
      line={style.line}
      width={0.4}
    >
      <SleeveLines sleeve={sleeve} frame={frame} ease={ease * 0.75} style={style} cuff={coat ? 4 : 0} />
      {[1, -1].map((sign) => (
        <g key={sign}>
          <path
            d={`M ${sign * gape} ${-breaks} L ${sign * (gape + (closed ? 0 : 1.6))} ${-hem}`}
            fill="none"
            stroke={style.line}
            strokeWidth={0.35}
            strokeOpacity={closed && sign < 0 ? 0 : 0.8}
          />
          <path
            d={`M ${sign * (gape + 7)} ${-(m.waistLine.cm - 9)} l ${sign * 9} 0.8`}
            {...style.fold}
            strokeOpacity={0.8}
          />
          {collarParts(collar, frame, sign, gape, breaks).map((d) => (
            <path
              key={d}
              d={d}
              fill={style.fill}
              stroke={style.line}
              strokeWidth={0.35}
              strokeLinejoin="round"
            />
          ))}
        </g>
      ))}
      {Array.from({ length: count }, (_, i) => {
        const at = breaks - 2.5 - i * (coat ? 11 : 9);
        return at > hem + 4 ? (
          <circle
            key={i}
            cx={gape + 2.2}
            cy={-at}
            r={0.75}
            fill={buttons}
            stroke="#2a2a2a"
            strokeWidth={0.15}
          />
        ) : null;
      })}
    </Silhouette>
  );
}

interface Front {
  readonly sign: number;
  readonly gape: number;
  readonly breaks: number;
  readonly hem: number;
  readonly ease: number;
}

function frontPath(frame: Frame, side: readonly Point[], { sign, gape, breaks, hem, ease }: Front): string {
  const [, , slope, shoulder] = shoulderLine(frame, ease * 0.45);
  const neck = { x: frame.neckHalf * 1.12, h: frame.body.measures.neckPoint.cm + 1.2 };
  const top = [neck, ...(slope ? [slope] : []), ...(shoulder ? [shoulder] : [])];
  const flip = (points: readonly Point[]) => (sign > 0 ? points : across(points));
  const open = gape > 0 ? 1.6 : 0;
  return `${curve(flip(top))} L ${curve(flip(side)).slice(1)} Q ${sign * ((side[side.length - 1]?.x ?? 0) * 0.5)} ${-hem + 0.8} ${sign * (gape + open)} ${-hem} L ${sign * gape} ${-breaks} Z`;
}

type Collar = LayerProps["piece"]["figures"]["collar"];

/** One side's collar, from the neck to where the fronts begin to close. */
function collarParts(collar: Collar, frame: Frame, sign: number, gape: number, breaks: number): string[] {
  const neck = frame.body.measures.neckPoint.cm;
  const x = (value: number) => sign * value;
  const start = frame.neckHalf * 1.05;
  const chest = (neck + breaks) / 2;
  switch (collar) {
    case "notched":
      return [
        `M ${x(start)} ${-(neck + 2)} L ${x(start + 4.4)} ${-(neck - 5)} L ${x(start + 2.4)} ${-(neck - 7.5)} L ${x(start - 0.4)} ${-(neck - 5)} Z`,
        `M ${x(start - 0.2)} ${-(neck - 3)} L ${x(start + 2.2)} ${-(neck - 7)} L ${x(start + 5.2)} ${-(neck - 7.6)} Q ${x(start + 4)} ${-chest} ${x(gape)} ${-breaks} Q ${x(start - 2)} ${-chest} ${x(start - 0.2)} ${-(neck - 3)} Z`,
      ];
    case "shawl":
      return [
        `M ${x(start)} ${-(neck + 2)} C ${x(start + 6.5)} ${-(neck - 4)} ${x(start + 6)} ${-chest} ${x(gape)} ${-breaks} C ${x(start - 2.5)} ${-chest} ${x(start - 1)} ${-(neck - 4)} ${x(start)} ${-(neck + 2)} Z`,
      ];
    case "stand":
      return [
        `M ${x(start)} ${-(neck + 4)} L ${x(start + 1)} ${-neck} L ${x(Math.max(gape, 0.5))} ${-(neck - 4.5)} L ${x(Math.max(gape, 0.5) - 0.6)} ${-(neck - 0.5)} Z`,
      ];
    case "hood":
      return [
        `M ${x(start - 0.6)} ${-(neck + 4.5)} C ${x(start + 5)} ${-(neck + 4)} ${x(start + 7)} ${-(neck - 3)} ${x(Math.max(gape, 0.4))} ${-(neck - 6.5)} C ${x(start)} ${-(neck - 3)} ${x(start)} ${-neck} ${x(start - 0.6)} ${-(neck + 4.5)} Z`,
      ];
    case "round":
      return [];
  }
}
