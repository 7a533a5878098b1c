import { neckEdgeOf } from "@/core/neck/neckline";
import type { PieceOf } from "@/core/piece/piece";
import { shoulderLine } from "../body-shape";
import type { Frame } from "../frame";
import { across, curve, type Point } from "../path";
import { Silhouette } from "../silhouette";
import { necklineOf, type NeckOpening } from "./neckline";
import { Folds, skirtEdge } from "./skirt";
import { SleeveLines, sleeveParts } from "./sleeves";
import { topEase, type GarmentStyle } from "./style";

/** The side of an upper garment from the armpit to its hem. */
export function sideEdge(frame: Frame, hem: number, ease: number): Point[] {
  const m = frame.body.measures;
  const { armpit } = frame;
  const stops = [m.bustLine.cm, (m.bustLine.cm + m.waistLine.cm) / 2, m.waistLine.cm, m.hipLine.cm];
  const heights = [armpit.height, ...stops.filter((h) => h > hem + 3 && h < armpit.height - 2), hem];
  // Cloth bridges the hollow of the waist, the more the looser it is.
  const bridge = (h: number) => Math.max(frame.trunk(h), frame.trunk(m.waistLine.cm) + ease * 1.2);
  return heights.map((h) => ({ x: bridge(h) + ease, h }));
}

/** The front of an upper garment as one closed path: shoulders, sides, hem, neckline. */
function bodicePath(frame: Frame, neck: NeckOpening, side: readonly Point[], ease: number): string {
  const [, , slope, shoulder] = shoulderLine(frame, Math.min(0.5, ease * 0.4));
  const right = [
    { x: neck.half, h: neck.height },
    ...(slope && slope.x > neck.half + 1 ? [slope] : []),
    ...(shoulder ? [shoulder] : []),
  ];
  const left = across([...right].reverse());
  const hem = side[side.length - 1];
  const hemX = hem?.x ?? 0;
  const hemY = -(hem?.h ?? 0);
  return (
    `${curve(right)} L ${curve(side).slice(1)} Q 0 ${hemY + 1.2} ${-hemX} ${hemY} ` +
    `L ${curve(across([...side].reverse())).slice(1)} L ${curve(left).slice(1)} ${neck.edge} Z`
  );
}

interface UpperProps<K extends "top" | "dress" | "jumpsuit"> {
  readonly piece: PieceOf<K>;
  readonly hem: number;
  readonly frame: Frame;
  readonly style: GarmentStyle;
}

/** A top, a shirt or a knit. */
export function Top({ piece, hem, tucked, frame, style }: UpperProps<"top"> & { readonly tucked: boolean }) {
  const { neckline, sleeve, bodyGirth } = piece.figures;
  const ease = topEase(bodyGirth, frame.body.measures.bust.cm);
  const knit = piece.finish === "knit";
  const shirt = neckline === "shirt collar";
  const waist = frame.body.measures.waistLine.cm;
  // Tucked in, the cloth is gathered to the waist and goes on under the waistband.
  const side = sideEdge(frame, hem, ease).map((point) =>
    tucked && point.h <= waist + 1 ? { ...point, x: frame.trunk(waist) + 0.2 } : point,
  );
  const hemHalf = side[side.length - 1]?.x ?? 0;
  const neck = necklineOf(neckline, neckEdgeOf(piece)?.below ?? 0, frame);
  return (
    <Silhouette
      parts={[...sleeveParts(sleeve, frame, 0.7 + ease * 0.35), bodicePath(frame, neck, side, ease)]}
      fill={style.fill}
      line={style.line}
    >
      <SleeveLines
        sleeve={sleeve}
        frame={frame}
        ease={0.7 + ease * 0.35}
        style={style}
        cuff={knit || shirt ? 5 : 0}
      />
      {knit && !tucked && (
        <path
          d={`M ${-hemHalf} ${-(hem + 5)} Q 0 ${-(hem + 5) + 1.2} ${hemHalf} ${-(hem + 5)}`}
          {...style.fold}
        />
      )}
      <NeckLines neck={neck} style={style} hem={hem} shirt={shirt} rib={knit} />
    </Silhouette>
  );
}

/** The upper half of a jumpsuit, down to where its legs begin. */
export function JumpsuitBodice({ piece, frame, style }: Omit<UpperProps<"jumpsuit">, "hem">) {
  const { neckline, sleeve } = piece.figures;
  const waist = frame.body.measures.waistLine.cm;
  const ease = 0.9;
  const side = sideEdge(frame, waist - 1, ease);
  const neck = necklineOf(neckline, neckEdgeOf(piece)?.below ?? 0, frame);
  return (
    <Silhouette
      parts={[...sleeveParts(sleeve, frame, 1.1), bodicePath(frame, neck, side, ease)]}
      fill={style.fill}
      line={style.line}
    >
      <SleeveLines sleeve={sleeve} frame={frame} ease={1.1} style={style} />
      <NeckLines neck={neck} style={style} hem={waist} shirt={neckline === "shirt collar"} rib={false} />
    </Silhouette>
  );
}

/** A dress: bodice and skirt in one. */
export function Dress({ piece, hem, frame, style }: UpperProps<"dress">) {
  const { neckline, sleeve, cut, hemWidth } = piece.figures;
  const waist = frame.body.measures.waistLine.cm;
  const ease = cut === "straight" ? 2.4 : 0.8;
  const skirt = skirtEdge(frame, waist, hem, hemWidth).map((point) => ({
    x: Math.max(point.x, frame.trunk(waist) + ease),
    h: point.h,
  }));
  const side = [...sideEdge(frame, waist + 2, ease), ...skirt.slice(1)];
  const neck = necklineOf(neckline, neckEdgeOf(piece)?.below ?? 0, frame);
  return (
    <Silhouette
      parts={[...sleeveParts(sleeve, frame, 1.1), bodicePath(frame, neck, side, ease)]}
      fill={style.fill}
      line={style.line}
    >
      <SleeveLines sleeve={sleeve} frame={frame} ease={1.1} style={style} />
      {cut !== "straight" && (
        <path
          d={`M ${-frame.trunk(waist) - ease - 0.3} ${-waist} Q 0 ${-waist + 1} ${frame.trunk(waist) + ease + 0.3} ${-waist}`}
          {...style.fold}
        />
      )}
      <Folds cut={cut} top={waist - 1} bottom={hem} edge={skirt} style={style} />
      <NeckLines
        neck={neck}
        style={style}
        hem={neckline === "shirt collar" ? hem : waist}
        shirt={neckline === "shirt collar"}
        rib={false}
      />
    </Silhouette>
  );
}

interface NeckLinesProps {
  readonly neck: NeckOpening;
  readonly style: GarmentStyle;
  readonly hem: number;
  readonly shirt: boolean;
  readonly rib: boolean;
}

/** Collar or rib at the neck; the buttons of a shirt. */
function NeckLines({ neck, style, hem, shirt, rib }: NeckLinesProps) {
  return (
    <g>
      {rib && neck.rib && <path d={neck.rib} {...style.fold} />}
      {neck.collar.map((d) => (
        <path key={d} d={d} fill={style.fill} stroke={style.line} strokeWidth={0.35} strokeLinejoin="round" />
      ))}
      {shirt && (
        <g>
          <path d={`M 0 ${-neck.lowest} L 0 ${-hem}`} {...style.fold} />
          {Array.from({ length: Math.max(0, Math.floor((neck.lowest - hem) / 9)) }, (_, i) => (
            <circle
              key={i}
              cx={0.9}
              cy={-(neck.lowest - 4 - 9 * i)}
              r={0.42}
              fill="#ffffff"
              fillOpacity={0.75}
              stroke={style.line}
              strokeWidth={0.15}
            />
          ))}
        </g>
      )}
    </g>
  );
}
