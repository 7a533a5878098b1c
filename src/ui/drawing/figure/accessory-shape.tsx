import type { Dressed, Worn } from "@/core/dressing/dressed";
import { isTucked } from "@/core/dressing/extent";
import { isDoubled } from "@/core/piece/adjustment";
import { metalHex } from "@/core/finish/metals";
import { paintOf } from "../paint";
import { Brooch } from "../plates/brooch";
import { Glasses, HatShape } from "../plates/head-plate";
import { opacityOf } from "../plates/hosiery-plate";
import { topEase } from "./garments/style";
import { legPath } from "./limbs";
import type { Frame } from "./frame";
import { CarriedBag } from "./worn/bag";
import { Chain } from "./worn/chain";
import { WornScarf } from "./worn/scarf";
import { Shoes } from "./worn/shoes";

interface Props {
  readonly worn: Worn;
  readonly frame: Frame;
  readonly dressed: Dressed;
  readonly scope: string;
}

/** An accessory on the body, at the place the core computed. */
export function AccessoryShape({ worn, frame, dressed, scope }: Props) {
  const { piece, extent } = worn;
  const H = frame.body.height;
  const m = frame.body.measures;
  const paint = paintOf(piece, scope);
  switch (piece.kind) {
    case "shoe":
      return <Shoes shoe={piece} frame={frame} lift={dressed.lift} />;
    case "hosiery": {
      const top = Math.min(extent.to, m.crotch.cm);
      return (
        <g
          fill={paint.ground}
          fillOpacity={opacityOf(piece.figures.denier)}
          stroke={paint.line}
          strokeWidth={0.2}
        >
          {[1, -1].map((side) => (
            <path key={side} d={legPath(frame, side, 0, top, 0.1)} />
          ))}
        </g>
      );
    }
    case "belt": {
      const half = frame.trunk(m.waistLine.cm) + 0.6 + looseness(dressed);
      const metal = piece.metal === "none" || piece.metal === "unknown" ? "#888888" : metalHex[piece.metal];
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
            stroke={metal}
            strokeWidth={0.6}
          />
        </g>
      );
    }
    case "bag":
      return (
        <CarriedBag
          bag={dressed.landing ? { ...piece, figures: dressed.landing.figures } : piece}
          top={extent.to}
          frame={frame}
          scope={scope}
        />
      );
    case "scarf":
      return (
        <g>
          {paint.defs && <defs>{paint.defs}</defs>}
          <WornScarf scarf={piece} frame={frame} fill={paint.fill} line={paint.line} />
        </g>
      );
    case "necklace":
      return isDoubled(dressed.look.adjustments, piece.id) ? (
        <g>
          <Chain necklace={piece} loop={piece.figures.loop / 2 - 3} pendant={0} frame={frame} />
          <Chain
            necklace={piece}
            loop={piece.figures.loop / 2}
            pendant={piece.figures.pendant}
            frame={frame}
          />
        </g>
      ) : (
        <Chain necklace={piece} loop={piece.figures.loop} pendant={piece.figures.pendant} frame={frame} />
      );
    case "earrings": {
      const metal = piece.metal === "none" || piece.metal === "unknown" ? "#888888" : metalHex[piece.metal];
      const { drop, width, form } = piece.figures;
      return (
        <g>
          {[1, -1].map((side) =>
            form === "hoop" ? (
              <circle
                key={side}
                cx={side * 0.047 * H}
                cy={-(extent.to - drop / 2)}
                r={width / 2}
                fill="none"
                stroke={metal}
                strokeWidth={0.4}
              />
            ) : (
              <ellipse
                key={side}
                cx={side * 0.047 * H}
                cy={-(extent.to - drop / 2)}
                rx={Math.max(0.5, width / 2)}
                ry={Math.max(0.5, drop / 2)}
                fill={paint.ground}
                stroke={metal}
                strokeWidth={0.2}
              />
            ),
          )}
        </g>
      );
    }
    case "brooch":
      return (
        <g transform={`translate(${-frame.shoulderHalf * 0.5}, ${-(extent.from + extent.to) / 2})`}>
          <Brooch
            form={piece.figures.form}
            across={piece.figures.width}
            middle={0}
            fill={paint.ground}
            line={paint.line}
          />
        </g>
      );
    case "watch":
    case "bracelet": {
      const side = piece.kind === "watch" ? -1 : 1;
      const half = frame.armHalf(frame.wrist.height);
      const tall = piece.kind === "watch" ? piece.figures.face : Math.max(0.8, piece.figures.width);
      const edge = piece.metal === "none" || piece.metal === "unknown" ? paint.line : metalHex[piece.metal];
      return (
        <rect
          x={side * frame.wrist.x - half - 0.3}
          y={-frame.wrist.height - tall / 2}
          width={2 * half + 0.6}
          height={tall}
          rx={0.5}
          fill={paint.ground}
          stroke={edge}
          strokeWidth={0.35}
        />
      );
    }
    case "ring":
      return (
        <circle
          cx={frame.wrist.x + 0.012 * H}
          cy={-(frame.wrist.height - 0.06 * H)}
          r={0.5}
          fill={paint.ground}
        />
      );
    case "gloves":
      return (
        <g fill={paint.ground} stroke={paint.line} strokeWidth={0.2}>
          {[1, -1].map((side) => (
            <ellipse
              key={side}
              cx={side * (frame.wrist.x + 0.012 * H)}
              cy={-(frame.wrist.height - 0.045 * H)}
              rx={0.021 * H}
              ry={0.056 * H}
            />
          ))}
        </g>
      );
    case "hat":
      return (
        <g transform={`translate(0, ${-0.966 * H})`}>
          <HatShape hat={piece} />
        </g>
      );
    case "hair piece":
      return (
        <path
          d={`M ${-piece.figures.width / 2} ${-0.985 * H} q ${piece.figures.width / 2} -2 ${piece.figures.width} 0`}
          fill="none"
          stroke={paint.ground}
          strokeWidth={1}
        />
      );
    case "eyewear":
      return (
        <g transform={`translate(0, ${-0.935 * H}) scale(0.94)`}>
          <Glasses eyewear={piece} />
        </g>
      );
    default:
      return null;
  }
}

/** How far the cloth under a belt stands off the waist, cm. */
function looseness({ worn, look, body }: Dressed): number {
  const over = worn.find(
    ({ piece }) => piece.kind === "dress" || (piece.kind === "top" && !isTucked(piece, look.adjustments)),
  )?.piece;
  if (over?.kind === "top") return topEase(over.figures.bodyGirth, body.measures.bust.cm);
  return over?.kind === "dress" ? 1.2 : 0;
}
