import type { PieceOf } from "@/core/piece/piece";
import { outline, type Point } from "../path";
import type { Paint } from "../../paint";
import type { Frame } from "../frame";

type Neckline = PieceOf<"top">["figures"]["neckline"];

/** The opening of an upper garment at the neck, in drawing coordinates (y down). */
export interface NeckOpening {
  /** Where the shoulder seam begins: half the opening's width, and its height above the footbed. */
  readonly half: number;
  readonly height: number;
  /** Lowest point of the opening above the footbed. */
  readonly lowest: number;
  /** Path from the left end of the opening to the right one. */
  readonly edge: string;
  /** A line following the opening, for a knitted rib. */
  readonly rib: string | null;
  /** The leaves of a collar, closed paths. */
  readonly collar: readonly string[];
  /** Folds that hang across the opening. */
  readonly drape: readonly string[];
  /** Without shoulders: the opening runs across the chest. */
  readonly bare: boolean;
}

/** What an opening is cut from. */
interface NeckCut {
  /** Height of the point of the neck above the footbed. */
  readonly neck: number;
  /** Half the width of an opening that lies close. */
  readonly close: number;
  readonly lowest: number;
  /** How far below the point of the neck it reaches. */
  readonly below: number;
  readonly frame: Frame;
  readonly plain: Omit<NeckOpening, "edge">;
}

const openings: Readonly<Record<Neckline, (cut: NeckCut) => NeckOpening>> = {
  v: ({ neck, close, lowest, plain }) => ({
    ...plain,
    edge: `Q ${-close * 0.62} ${-(neck - 6)} 0 ${-lowest} Q ${close * 0.62} ${-(neck - 6)} ${close} ${-plain.height}`,
    rib: `M ${-close - 1.4} ${-plain.height} Q ${-close * 0.62 - 1.5} ${-(neck - 7)} 0 ${-(lowest - 2.2)} Q ${close * 0.62 + 1.5} ${-(neck - 7)} ${close + 1.4} ${-plain.height}`,
  }),
  wrap: (cut) => ({
    ...openings.v(cut),
    drape: [wrapLine(cut.close, cut.plain.height, cut.lowest, cut.frame)],
  }),
  "shirt collar": ({ close, lowest, plain, frame }) => ({
    ...plain,
    edge: `L 0 ${-lowest} L ${close} ${-plain.height}`,
    collar: shirtCollar(frame, lowest),
  }),
  cowl: ({ neck, close, lowest, below, plain }) => ({
    ...plain,
    edge: round(close, plain.height, lowest),
    drape: [0.55, 0.8, 1.15].map((deep) =>
      round(close * (1 + deep * 0.3), plain.height - 1, neck - below * deep - 2, true),
    ),
  }),
  scoop: ({ close, lowest, plain }) => ({
    ...plain,
    edge: round(close, plain.height, lowest),
    rib: round(close + 1.5, plain.height - 0.2, lowest - 2, true),
  }),
  crew: (cut) => openings.scoop(cut),
  square: ({ close, lowest, plain }) => ({
    ...plain,
    half: close * 1.25,
    edge: `L ${-close * 1.15} ${-lowest} L ${close * 1.15} ${-lowest} L ${close * 1.25} ${-plain.height}`,
  }),
  strapless: ({ neck, lowest, below, plain, frame }) => ({
    ...plain,
    bare: true,
    half: frame.armpit.x * 0.96,
    height: neck - below + 3,
    edge: `Q ${-frame.armpit.x * 0.4} ${-(lowest + 1)} 0 ${-lowest} Q ${frame.armpit.x * 0.4} ${-(lowest + 1)} ${frame.armpit.x * 0.96} ${-(neck - below + 3)}`,
  }),
  "off the shoulder": ({ lowest, plain, frame }) => {
    // From one arm to the other, below the points of the shoulders.
    const height = frame.armpit.height + 3.2;
    const half = frame.armAxis(height) + frame.armHalf(height) + 0.5;
    return {
      ...plain,
      bare: true,
      half,
      height,
      edge: `C ${-half * 0.6} ${-(lowest + 1)} ${half * 0.6} ${-(lowest + 1)} ${half} ${-height}`,
      rib: `M ${-half} ${-(height - 2.4)} C ${-half * 0.6} ${-(lowest - 1.4)} ${half * 0.6} ${-(lowest - 1.4)} ${half} ${-(height - 2.4)}`,
    };
  },
  halter: ({ neck, close, plain }) => ({ ...plain, edge: `Q 0 ${-(neck - 1)} ${close} ${-plain.height}` }),
  boat: ({ neck, close, plain, frame }) => {
    const half = close + (frame.shoulderHalf - close) * 0.5;
    const height = neck - (neck - frame.body.measures.shoulder.cm) * 0.5;
    return { ...plain, half, height, edge: `Q 0 ${-(height - 4.5)} ${half} ${-height}` };
  },
  roll: ({ neck, close, plain }) => {
    const top = neck + 5.5;
    return {
      ...plain,
      half: close * 1.06,
      edge: `L ${-close * 1.02} ${-top} Q 0 ${-(top - 1)} ${close * 1.02} ${-top} L ${close * 1.06} ${-plain.height}`,
      rib: `M ${-close} ${-(neck + 2)} Q 0 ${-(neck - 0.6)} ${close} ${-(neck + 2)}`,
    };
  },
};

/** The opening of a neckline on a body. */
export function necklineOf(neckline: Neckline, below: number, frame: Frame): NeckOpening {
  const neck = frame.body.measures.neckPoint.cm;
  const close = frame.neckHalf * 1.12;
  const lowest = neck - Math.max(0, below);
  const plain = {
    half: close,
    height: neck + 0.6,
    lowest,
    rib: null,
    collar: [],
    drape: [],
    bare: false,
  };
  return openings[neckline]({ neck, close, lowest, below, frame, plain });
}

function round(half: number, height: number, lowest: number, open = false): string {
  const depth = height - lowest;
  const start = open ? `M ${-half} ${-height} ` : "";
  return `${start}C ${-half * 0.86} ${-(height - depth * 1.3)} ${half * 0.86} ${-(height - depth * 1.3)} ${half} ${-height}`;
}

/** From the lowest point of a wrapped front on across to the side of the waist. */
function wrapLine(close: number, height: number, lowest: number, frame: Frame): string {
  const { waistLine } = frame.body.measures;
  return `M ${-close} ${-height} Q ${-close * 0.6} ${-(height - 6)} 0 ${-lowest} L ${frame.trunk(waistLine.cm) * 0.86} ${-waistLine.cm}`;
}

/** The leaves of a shirt's collar turned up beside the neck. */
export function shirtCollarUp(frame: Frame, lowest: number): string[] {
  const neck = frame.body.measures.neckPoint.cm;
  const x = frame.neckHalf;
  return [1, -1].map((side) => {
    const at = (px: number, h: number): Point => ({ x: side * px, h });
    return outline(
      [at(x * 1.02, neck + 5.4), at(x + 1.5, neck + 4), at(x + 2.2, neck + 0.4)],
      [at(0.8, lowest - 0.6)],
      [at(0.5, lowest + 0.6), at(x * 0.76, neck - 1), at(x * 1.02, neck + 5.4)],
    );
  });
}

/** Two collar leaves turned down from the neck, with sharp points. */
export function shirtCollar(frame: Frame, lowest: number): string[] {
  const neck = frame.body.measures.neckPoint.cm;
  const x = frame.neckHalf;
  return [1, -1].map((side) => {
    const at = (px: number, h: number): Point => ({ x: side * px, h });
    return outline(
      [at(x * 0.96, neck + 3), at(x + 1, neck + 0.9), at(x + 2.2, neck - 1.6)],
      [at(x + 1.5, lowest - 0.8)],
      [at(0.45, lowest + 3), at(x * 0.5, neck - 2.2), at(x * 0.96, neck + 3)],
    );
  });
}

interface NeckFinishProps {
  readonly neck: NeckOpening;
  readonly paint: Paint;
  /** Down to where a front is buttoned; null for one that is not. */
  readonly buttonedTo: number | null;
  readonly rib: boolean;
}

/** How far apart the buttons of a shirt are, cm, and half the width of its placket. */
const apart = 8.5;
const placket = 1.5;

/** Collar, rib or drape at the neck; the placket of a shirt with its buttons. */
export function NeckFinish({ neck, paint, buttonedTo, rib }: NeckFinishProps) {
  const { tones } = paint;
  const thin = { fill: "none", stroke: tones.seam, strokeWidth: 0.22, strokeLinecap: "round" } as const;
  const from = neck.lowest - 0.4;
  const buttons =
    buttonedTo === null
      ? []
      : Array.from(
          { length: Math.max(0, Math.floor((from - buttonedTo) / apart)) },
          (_, i) => from - 3 - apart * i,
        );
  return (
    <g strokeLinejoin="round">
      {rib && neck.rib && <path d={neck.rib} {...thin} />}
      {neck.drape.map((d) => (
        <path key={d} d={d} {...thin} stroke={tones.fold} />
      ))}
      {buttonedTo !== null && (
        <path
          d={`M ${-placket} ${-(from - 0.5)} V ${-buttonedTo + 0.3} M ${placket} ${-(from - 0.5)} V ${-buttonedTo + 0.3}`}
          {...thin}
        />
      )}
      {buttons.map((h) => (
        <circle key={h} cx={0} cy={-h} r={0.5} fill="#fbfaf6" stroke={tones.outline} strokeWidth={0.16} />
      ))}
      {neck.collar.map((d, i) => (
        <g key={d}>
          <path d={d} fill={paint.fill} stroke={tones.outline} strokeWidth={0.3} />
          {i === 0 && <path d={d} fill="#000" fillOpacity={tones.shade * 0.5} />}
        </g>
      ))}
    </g>
  );
}
