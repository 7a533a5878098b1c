import type { Worn } from "@/core/dressing/dressed";
import type { PieceOf } from "@/core/piece/piece";
import { metalHex } from "@/core/finish/metals";
import { paintOf } from "../paint";
import { armPath } from "./body-shape";
import type { Frame } from "./frame";
import { across, band, curve, mirrored, type Point } from "./path";

interface Props {
  readonly worn: Worn;
  readonly frame: Frame;
  readonly scope: string;
}

/** A garment on the body: a flat shape at its computed edges, with the lines of its cut. */
export function GarmentShape({ worn, frame, scope }: Props) {
  const { piece, extent } = worn;
  const paint = paintOf(piece, scope);
  const shared = {
    fill: paint.fill,
    stroke: paint.line,
    strokeWidth: 0.35,
    strokeLinejoin: "round" as const,
  };
  const fold = { fill: "none", stroke: paint.line, strokeWidth: 0.25, strokeOpacity: 0.55 };
  switch (piece.kind) {
    case "trousers":
      return (
        <g>
          {paint.defs && <defs>{paint.defs}</defs>}
          <Legs
            trousers={piece}
            hem={extent.from}
            turned={worn.showsReverse}
            frame={frame}
            shared={shared}
            fold={fold}
          />
        </g>
      );
    case "skirt": {
      const right = skirtEdge(frame, extent.to, extent.from, piece.figures.hemWidth);
      const folds =
        piece.figures.cut === "pleated" || piece.figures.cut === "gathered"
          ? 7
          : piece.figures.cut === "a-line"
            ? 3
            : 0;
      return (
        <g>
          {paint.defs && <defs>{paint.defs}</defs>}
          <path d={mirrored(right)} {...shared} />
          <Folds count={folds} top={extent.to - 4} bottom={extent.from} edge={right} style={fold} />
        </g>
      );
    }
    case "dress": {
      const waist = frame.body.measures.waistLine.cm;
      const skirt = skirtEdge(frame, waist, extent.from, piece.figures.hemWidth);
      const folds =
        piece.figures.cut === "gathered" || piece.figures.cut === "pleated"
          ? 7
          : piece.figures.cut === "a-line"
            ? 4
            : 0;
      const ease = piece.figures.cut === "straight" ? 3 : 1;
      return (
        <g>
          {paint.defs && <defs>{paint.defs}</defs>}
          <Sleeves sleeve={piece.figures.sleeve} frame={frame} ease={1.4} shared={shared} />
          <path
            d={bodice(frame, piece.figures.neckline, [
              ...sideEdge(frame, waist + 1, ease),
              ...skirt.slice(1),
            ])}
            {...shared}
          />
          <Folds count={folds} top={waist - 2} bottom={extent.from} edge={skirt} style={fold} />
        </g>
      );
    }
    case "top": {
      const ease = Math.max(0.6, (piece.figures.bodyGirth - frame.body.measures.bust.cm) * 0.12);
      const hem = Math.min(extent.from, frame.body.measures.waistLine.cm - 2);
      return (
        <g>
          {paint.defs && <defs>{paint.defs}</defs>}
          <Sleeves sleeve={piece.figures.sleeve} frame={frame} ease={1 + ease * 0.4} shared={shared} />
          <path d={bodice(frame, piece.figures.neckline, sideEdge(frame, hem, ease))} {...shared} />
          <Collar neckline={piece.figures.neckline} frame={frame} shared={shared} />
        </g>
      );
    }
    case "jacket":
    case "coat":
      return (
        <g>
          {paint.defs && <defs>{paint.defs}</defs>}
          <Layer layer={piece} hem={extent.from} frame={frame} shared={shared} fold={fold} />
        </g>
      );
    default:
      return null;
  }
}

interface Shared {
  readonly fill: string;
  readonly stroke: string;
  readonly strokeWidth: number;
  readonly strokeLinejoin: "round";
}

type Fold = Pick<Shared, "fill" | "stroke" | "strokeWidth"> & { readonly strokeOpacity: number };

/** A circumference as half a width when worn: between round and laid flat. */
const wornHalf = 0.2;

interface LegsProps {
  readonly trousers: PieceOf<"trousers">;
  readonly hem: number;
  readonly turned: boolean;
  readonly frame: Frame;
  readonly shared: Shared;
  readonly fold: Fold;
}

function Legs({ trousers, hem, turned, frame, shared, fold }: LegsProps) {
  const { opening, above, drop } = trousers.figures;
  const m = frame.body.measures;
  const crotch = m.crotch.cm - drop;
  const knee = Math.max(m.kneeLine.cm, hem + 12);
  const hemHalf = opening * wornHalf;
  const aboveHalf = above * wornHalf;
  const kneeHalf = Math.max(frame.legHalf(knee) + 1, Math.min(hemHalf, aboveHalf) * 0.94);
  const outer: Point[] = [
    { x: frame.trunk(m.waistLine.cm) + 0.5, h: m.waistLine.cm },
    { x: frame.trunk(m.hipLine.cm) + 1, h: m.hipLine.cm },
    { x: frame.trunk(m.crotch.cm) + 1, h: m.crotch.cm - 2 },
    ...(knee < crotch - 8 ? [{ x: frame.legAxis(knee) + kneeHalf, h: knee }] : []),
    { x: frame.legAxis(hem) + hemHalf, h: hem },
  ];
  const inner: Point[] = [
    { x: 0.1, h: m.waistLine.cm },
    { x: 0.1, h: crotch },
    ...(knee < crotch - 8 ? [{ x: Math.max(0.4, frame.legAxis(knee) - kneeHalf), h: knee }] : []),
    { x: Math.max(0.3, frame.legAxis(hem) - hemHalf), h: hem },
  ];
  const reverse = trousers.swatches.find(({ role }) => role === "reverse")?.hex ?? null;
  return (
    <g>
      {[1, -1].map((side) => (
        <path key={side} d={side > 0 ? band(outer, inner) : band(across(outer), across(inner))} {...shared} />
      ))}
      {[1, -1].map((side) => {
        const x = side * frame.legAxis(hem);
        return (
          <g key={side}>
            <path
              d={`M ${side * frame.legAxis(m.crotch.cm)} ${-(m.hipLine.cm - 4)} L ${x} ${-(hem + 0.5)}`}
              {...fold}
            />
            {turned && (
              <rect
                x={x - hemHalf - 0.3}
                y={-(hem + 4)}
                width={2 * hemHalf + 0.6}
                height={4}
                fill={reverse ?? shared.fill}
                stroke={shared.stroke}
                strokeWidth={0.3}
              />
            )}
          </g>
        );
      })}
      <path
        d={`M ${-frame.trunk(m.waistLine.cm)} ${-(m.waistLine.cm - 3.5)} L ${frame.trunk(m.waistLine.cm)} ${-(m.waistLine.cm - 3.5)}`}
        {...fold}
      />
    </g>
  );
}

function skirtEdge(frame: Frame, top: number, hem: number, hemWidth: number): Point[] {
  const m = frame.body.measures;
  const hipHalf = frame.trunk(m.hipLine.cm) + 1;
  const hemHalf = Math.max(
    hipHalf * 0.92,
    Math.min(hemWidth, 150) * 0.165 + Math.max(0, hemWidth - 150) * 0.045,
  );
  const middle = (m.hipLine.cm + hem) / 2;
  return [
    { x: frame.trunk(top) + 0.5, h: top },
    { x: hipHalf, h: m.hipLine.cm },
    { x: hipHalf + (hemHalf - hipHalf) * 0.45, h: middle },
    { x: hemHalf, h: hem },
  ];
}

function sideEdge(frame: Frame, hem: number, ease: number): Point[] {
  const m = frame.body.measures;
  const stops = [
    m.shoulder.cm - 0.075 * frame.body.height,
    m.bustLine.cm,
    m.waistLine.cm + 6,
    m.waistLine.cm,
    m.hipLine.cm,
  ];
  const kept = stops.filter((h) => h > hem + 2);
  return [...kept, hem].map((h) => ({
    x: Math.max(frame.trunk(h), frame.trunk(m.waistLine.cm) + ease) + ease,
    h,
  }));
}

function bodice(frame: Frame, neckline: string, side: readonly Point[]): string {
  const m = frame.body.measures;
  const neck = m.neckPoint.cm;
  const open = neckOpening(neckline, frame);
  const right: Point[] = [
    { x: open.half, h: neck - open.below },
    { x: frame.shoulderHalf * 0.97, h: m.shoulder.cm + 0.4 },
  ];
  const edge = curve(side);
  const back = curve(across([...side].reverse()));
  return `M ${open.half} ${-(neck - open.below)} L ${right[1]?.x ?? 0} ${-(right[1]?.h ?? 0)} L ${edge.slice(1)} L ${back.slice(1)} L ${-frame.shoulderHalf * 0.97} ${-(m.shoulder.cm + 0.4)} L ${-open.half} ${-(neck - open.below)} ${open.path(neck)} Z`;
}

interface NeckOpening {
  readonly half: number;
  readonly below: number;
  path(neck: number): string;
}

/** The edge of a neckline from the left neck point back to the right. */
function neckOpening(neckline: string, frame: Frame): NeckOpening {
  const half = frame.neckHalf * 1.15;
  const v = (depth: number): NeckOpening => ({
    half,
    below: 0,
    path: (neck) => `L 0 ${-(neck - depth)} L ${half} ${-neck}`,
  });
  const round = (depth: number, wide = half, below = 0): NeckOpening => ({
    half: wide,
    below,
    path: (neck) =>
      `C ${-wide * 0.8} ${-(neck - below - depth)} ${wide * 0.8} ${-(neck - below - depth)} ${wide} ${-(neck - below)}`,
  });
  switch (neckline) {
    case "v":
    case "wrap":
      return v(19);
    case "shirt collar":
      return v(9);
    case "scoop":
      return round(19);
    case "square":
      return {
        half,
        below: 0,
        path: (neck) => `L ${-half} ${-(neck - 11)} L ${half} ${-(neck - 11)} L ${half} ${-neck}`,
      };
    case "boat":
      return round(3, half * 1.7, 1.2);
    case "roll":
      return {
        half,
        below: 0,
        path: (neck) =>
          `L ${-half * 0.86} ${-(neck + 5)} Q 0 ${-(neck + 4)} ${half * 0.86} ${-(neck + 5)} L ${half} ${-neck}`,
      };
    default:
      return round(8);
  }
}

function Collar({
  neckline,
  frame,
  shared,
}: {
  readonly neckline: string;
  readonly frame: Frame;
  readonly shared: Shared;
}) {
  if (neckline !== "shirt collar") return null;
  const neck = frame.body.measures.neckPoint.cm;
  const x = frame.neckHalf * 1.1;
  return (
    <g>
      {[1, -1].map((side) => (
        <path
          key={side}
          d={`M ${side * x * 0.9} ${-(neck + 2.4)} L ${side * (x + 3)} ${-(neck - 4.5)} L ${side * 1.6} ${-(neck - 8)} Z`}
          {...shared}
        />
      ))}
      <path
        d={`M 0 ${-(neck - 9)} L 0 ${-(neck - 32)}`}
        stroke={shared.stroke}
        strokeWidth={0.25}
        strokeOpacity={0.6}
      />
    </g>
  );
}

const sleeveEnds = { long: 0.482, "three-quarter": 0.55, elbow: 0.63, short: 0.715, none: null } as const;

interface SleevesProps {
  readonly sleeve: keyof typeof sleeveEnds;
  readonly frame: Frame;
  readonly ease: number;
  readonly shared: Shared;
}

function Sleeves({ sleeve, frame, ease, shared }: SleevesProps) {
  const end = sleeveEnds[sleeve];
  if (end === null) return null;
  return (
    <g>
      {[1, -1].map((side) => (
        <path key={side} d={armPath(frame, side, ease, end * frame.body.height)} {...shared} />
      ))}
    </g>
  );
}

interface LayerProps {
  readonly layer: PieceOf<"jacket"> | PieceOf<"coat">;
  readonly hem: number;
  readonly frame: Frame;
  readonly shared: Shared;
  readonly fold: Fold;
}

function Layer({ layer, hem, frame, shared, fold }: LayerProps) {
  const m = frame.body.measures;
  const neck = m.neckPoint.cm;
  const ease = layer.kind === "coat" ? 3 : 1.8;
  const side = sideEdge(frame, hem, ease);
  const gape = layer.figures.closed ? 0 : 4.5;
  const notch = m.bustLine.cm - 4;
  const metal = layer.metal === "none" || layer.metal === "unknown" ? null : metalHex[layer.metal];
  const start = frame.neckHalf * 1.2;
  return (
    <g>
      <Sleeves sleeve={layer.figures.sleeve} frame={frame} ease={ease} shared={shared} />
      {[1, -1].map((sign) => {
        const edge = sign > 0 ? side : across(side);
        return (
          <g key={sign}>
            <path
              d={`M ${sign * start} ${-(neck + 1)} L ${sign * frame.shoulderHalf} ${-(m.shoulder.cm + 1)} L ${curve(edge).slice(1)} L ${sign * (gape + 1.5)} ${-hem} L ${sign * gape} ${-notch} Z`}
              {...shared}
            />
            {layer.figures.collar !== "round" && (
              <path
                d={`M ${sign * start} ${-(neck + 1.5)} L ${sign * (start + 5)} ${-(notch + 15)} L ${sign * (gape + 0.2)} ${-notch}`}
                {...shared}
              />
            )}
            <path d={`M ${sign * (gape + 9)} ${-(m.waistLine.cm - 8)} l ${sign * 7} 0.6`} {...fold} />
          </g>
        );
      })}
      {metal &&
        layer.metalSize > 1 &&
        [0, 9, 18].map((down) => (
          <circle
            key={down}
            cx={gape + 2}
            cy={-(notch - 6 - down)}
            r={0.9}
            fill={metal}
            stroke="#333"
            strokeWidth={0.2}
          />
        ))}
    </g>
  );
}

interface FoldsProps {
  readonly count: number;
  readonly top: number;
  readonly bottom: number;
  readonly edge: readonly Point[];
  readonly style: Fold;
}

function Folds({ count, top, bottom, edge, style }: FoldsProps) {
  const wide = edge[edge.length - 1]?.x ?? 0;
  const narrow = edge[0]?.x ?? 0;
  return (
    <g>
      {Array.from({ length: count }, (_, i) => {
        const share = count === 1 ? 0 : (2 * i) / (count - 1) - 1;
        return (
          <path
            key={share}
            d={`M ${share * narrow * 0.8} ${-top} Q ${share * narrow} ${-(top + bottom) / 2} ${share * wide * 0.88} ${-(bottom + 1)}`}
            {...style}
          />
        );
      })}
    </g>
  );
}
