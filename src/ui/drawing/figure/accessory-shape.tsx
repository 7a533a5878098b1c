import { catenaryParameter } from "@/core/chain/drop";
import type { Dressed, Worn } from "@/core/dressing/dressed";
import { isTucked } from "@/core/dressing/extent";
import { isDoubled } from "@/core/piece/adjustment";
import { metalHex } from "@/core/finish/metals";
import type { PieceOf } from "@/core/piece/piece";
import { lineOn, paintOf } from "../paint";
import { BagBody } from "../plates/bag-plate";
import { Glasses, HatShape } from "../plates/head-plate";
import { opacityOf } from "../plates/hosiery-plate";
import { legPath } from "./limbs";
import type { Frame } from "./frame";

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
        <Bag
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
          <Scarf scarf={piece} frame={frame} fill={paint.fill} line={paint.line} />
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
        <circle
          cx={-frame.shoulderHalf * 0.5}
          cy={-(extent.from + extent.to) / 2}
          r={piece.figures.width / 2}
          fill={paint.ground}
          stroke={paint.line}
          strokeWidth={0.25}
        />
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
  if (over?.kind === "top")
    return Math.max(0.5, Math.min(4, (over.figures.bodyGirth - body.measures.bust.cm) * 0.11));
  return over?.kind === "dress" ? 1.2 : 0;
}

interface ShoesProps {
  readonly shoe: PieceOf<"shoe">;
  readonly frame: Frame;
  readonly lift: number;
}

/** The toe's half width from the front, by its shape. */
const toeHalf = { round: 3.6, open: 3.6, square: 3.5, almond: 2.7, pointed: 1.5 } as const;

/** Both shoes from the front: the vamp foreshortened, the shaft at its true height and width. */
function Shoes({ shoe, frame, lift }: ShoesProps) {
  const { shaft, shaftTop, toe, form, platform, tip } = shoe.figures;
  const paint = paintOf(shoe, "front");
  const sole = shoe.swatches.find(({ role }) => role === "sole")?.hex ?? "#2c2a28";
  const skin = form === "sandal" || form === "thong";
  return (
    <g strokeLinejoin="round">
      {[1, -1].map((side) => {
        const x = side * frame.legAxis(0);
        const t = toeHalf[toe];
        const instep = frame.body.measures.ankleBone.cm * 0.86;
        const vamp = `M ${x - 3.5} ${-instep} C ${x - 4.6} ${-2} ${x - 4.6} ${lift - platform - 1} ${x - t} ${lift - platform} L ${x + t} ${lift - platform} C ${x + 4.6} ${lift - platform - 1} ${x + 4.6} ${-2} ${x + 3.5} ${-instep}`;
        const low = `M ${x - 4.1} ${-instep * 0.34} C ${x - 4.8} ${lift - 3} ${x - 4.4} ${lift - platform - 0.6} ${x - t} ${lift - platform} L ${x + t} ${lift - platform} C ${x + 4.4} ${lift - platform - 0.6} ${x + 4.8} ${lift - 3} ${x + 4.1} ${-instep * 0.34} Q ${x} ${lift * 0.2 + 0.6} ${x - 4.1} ${-instep * 0.34} Z`;
        const half = (shaftTop ?? 28) / (2 * Math.PI);
        return (
          <g key={side}>
            {tip === "block" && lift > 2.5 && (
              <rect x={x - 3.1} y={lift - 3} width={6.2} height={3} fill={sole} />
            )}
            <path d={vamp} fill="none" stroke="none" />
            {shaft !== null ? (
              <path
                d={`M ${x - half} ${-shaft} L ${x - half} ${-Math.min(shaft, 10)} C ${x - 4} ${-6} ${x - 4.9} ${lift - 3} ${x - t} ${lift - platform} L ${x + t} ${lift - platform} C ${x + 4.9} ${lift - 3} ${x + 4} ${-6} ${x + half} ${-Math.min(shaft, 10)} L ${x + half} ${-shaft} Q ${x} ${-shaft + 1} ${x - half} ${-shaft} Z`}
                fill={paint.fill}
                stroke={paint.line}
                strokeWidth={0.3}
              />
            ) : skin ? (
              <g fill="none" stroke={paint.ground} strokeWidth={1.3}>
                <path d={`M ${x - 4} ${lift - 2} Q ${x} ${lift - 4.4} ${x + 4} ${lift - 2}`} />
                <path d={`M ${x - 3.6} ${-instep} Q ${x} ${-instep + 1.6} ${x + 3.6} ${-instep}`} />
                <path
                  d={`M ${x - 3.6} ${lift - 0.3} L ${x + 3.6} ${lift - 0.3}`}
                  stroke={sole}
                  strokeWidth={0.8}
                />
              </g>
            ) : (
              <path
                d={
                  form === "pump" || form === "flat" || form === "mule"
                    ? low
                    : `${vamp} Q ${x} ${-instep + 1.8} ${x - 3.5} ${-instep} Z`
                }
                fill={paint.fill}
                stroke={paint.line}
                strokeWidth={0.3}
              />
            )}
            <rect
              x={x - t - 0.8}
              y={lift - Math.max(0.5, platform)}
              width={2 * t + 1.6}
              height={Math.max(0.5, platform)}
              rx={0.4}
              fill={sole}
              stroke={lineOn(sole)}
              strokeWidth={0.2}
            />
          </g>
        );
      })}
    </g>
  );
}

function Bag({
  bag,
  top,
  frame,
  scope,
}: {
  readonly bag: PieceOf<"bag">;
  readonly top: number;
  readonly frame: Frame;
  readonly scope: string;
}) {
  const { carry, width, strap, strapMade } = bag.figures;
  const m = frame.body.measures;
  const metal = bag.metal === "none" || bag.metal === "unknown" ? "#888888" : metalHex[bag.metal];
  const colour = strapMade === "chain" ? metal : (bag.swatches[0]?.hex ?? "#777777");
  const onBody = carry === "shoulder" || carry === "cross-body";
  const x = onBody ? frame.trunk(m.hipLine.cm) + 6 : frame.wrist.x + 3;
  // Carried at the side, a bag turns its narrow end to the eye.
  const turned = 0.66;
  const hook = {
    shoulder: { x: frame.shoulderHalf * 0.82, h: m.shoulder.cm + 1.4 },
    "cross-body": { x: -frame.shoulderHalf * 0.62, h: m.shoulder.cm + 2.4 },
    crook: { x: frame.shoulderHalf + 6, h: m.elbow.cm },
    hand: { x: frame.wrist.x + 2, h: m.fingertip.cm + 4 },
    clutch: null,
    wrist: { x: frame.wrist.x, h: frame.wrist.height },
  }[carry];
  const half = width * 0.36 * turned;
  return (
    <g>
      {hook && strap > 0 && (
        <path
          d={`M ${x - half} ${-top + 1} L ${hook.x - 0.8} ${-hook.h} Q ${hook.x} ${-hook.h - 1} ${hook.x + 0.8} ${-hook.h} L ${x + half} ${-top + 1}`}
          fill="none"
          stroke={colour}
          strokeWidth={strapMade === "chain" ? 0.5 : 1}
          strokeDasharray={strapMade === "chain" ? "0.7 0.4" : undefined}
        />
      )}
      <g transform={`translate(${x}, ${-top}) scale(${turned}, 1)`}>
        <BagBody bag={bag} scope={scope} />
      </g>
    </g>
  );
}

interface ScarfProps {
  readonly scarf: PieceOf<"scarf">;
  readonly frame: Frame;
  readonly fill: string;
  readonly line: string;
}

function Scarf({ scarf, frame, fill, line }: ScarfProps) {
  const neck = frame.body.measures.neckPoint.cm;
  const w = frame.neckHalf;
  const shared = { fill, stroke: line, strokeWidth: 0.3, strokeLinejoin: "round" as const };
  switch (scarf.figures.worn) {
    case "wrapped":
      return (
        <g {...shared}>
          <path d={`M ${-w - 1} ${-neck + 16} l 6 0 l -1 -17 l -5 0 Z`} />
          <path
            d={`M ${-w - 3} ${-neck + 1} C ${-w - 4} ${-neck + 8} ${w + 4} ${-neck + 8} ${w + 3} ${-neck + 1} L ${w + 1.4} ${-neck - 5} Q 0 ${-neck} ${-w - 1.4} ${-neck - 5} Z`}
          />
          <path d={`M ${-w - 2} ${-neck + 1} Q 0 ${-neck + 5} ${w + 2} ${-neck + 1}`} fill="none" />
        </g>
      );
    case "draped":
      return (
        <g {...shared}>
          {[1, -1].map((side) => (
            <path
              key={side}
              d={`M ${side * w * 0.7} ${-neck - 4} L ${side * (w + 4)} ${-neck + 2} L ${side * (w + 5.5)} ${-neck + 44} L ${side * 2.6} ${-neck + 45} L ${side * 2} ${-neck + 10} Z`}
            />
          ))}
        </g>
      );
    case "tied at the front":
    case "tied at the side": {
      const x = scarf.figures.worn === "tied at the front" ? 0 : w * 0.8;
      return (
        <g {...shared}>
          <path
            d={`M ${-w - 0.8} ${-neck - 2} Q 0 ${-neck + 4} ${w + 0.8} ${-neck - 2} L ${w + 0.6} ${-neck - 5} Q 0 ${-neck} ${-w - 0.6} ${-neck - 5} Z`}
          />
          <path d={`M ${x} ${-neck + 2} L ${x - 6} ${-neck + 13} L ${x - 0.6} ${-neck + 9} Z`} />
          <path d={`M ${x} ${-neck + 2} L ${x + 5} ${-neck + 14} L ${x + 0.4} ${-neck + 10} Z`} />
          <ellipse cx={x} cy={-neck + 1.6} rx={1.9} ry={1.6} />
        </g>
      );
    }
  }
}

interface ChainProps {
  readonly necklace: PieceOf<"necklace">;
  readonly loop: number;
  readonly pendant: number;
  readonly frame: Frame;
}

/** A plain chain as its catenary, a pendant chain as its V, between the side neck points. */
function Chain({ necklace, loop, pendant, frame }: ChainProps) {
  const { weight } = necklace.figures;
  const girth = frame.body.measures.neck.cm;
  const neck = frame.body.measures.neckPoint.cm;
  const width = girth / Math.PI;
  const front = loop - girth / 2;
  if (front <= width) return null;
  const colour = necklace.swatches[0]?.hex ?? "#999999";
  const drop = Math.sqrt((front / 2) ** 2 - (width / 2) ** 2);
  const stroke = { fine: 0.35, middling: 0.7, bold: 1.2 }[weight];
  const beads = necklace.finish === "pearl" ? "0.01 1.1" : undefined;
  const d =
    pendant > 0
      ? `M ${-width / 2} ${-neck} L 0 ${-(neck - drop)} L ${width / 2} ${-neck}`
      : catenaryPath(front, width, neck);
  return (
    <g fill="none" strokeLinecap="round" strokeLinejoin="round">
      <path
        d={d}
        stroke={lineOn(colour)}
        strokeOpacity={0.55}
        strokeWidth={(beads ? 1 : stroke) + 0.2}
        strokeDasharray={beads}
      />
      <path d={d} stroke={colour} strokeWidth={beads ? 1 : stroke} strokeDasharray={beads} />
      {pendant > 0 && (
        <ellipse
          cx={0}
          cy={-(neck - drop - pendant / 2)}
          rx={1.1}
          ry={pendant / 2}
          fill={colour}
          stroke={lineOn(colour)}
          strokeWidth={0.2}
        />
      )}
    </g>
  );
}

function catenaryPath(front: number, width: number, neck: number): string {
  const a = catenaryParameter(front, width);
  const lowest = a * (Math.cosh(width / (2 * a)) - 1);
  const points = Array.from({ length: 25 }, (_, i) => {
    const x = -width / 2 + (width * i) / 24;
    const up = a * (Math.cosh(x / a) - 1);
    return `${x.toFixed(2)} ${(-(neck - lowest + up)).toFixed(2)}`;
  });
  return `M ${points.join(" L ")}`;
}
