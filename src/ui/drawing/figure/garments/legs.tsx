import type { Worn } from "@/core/dressing/dressed";
import type { Legged } from "@/core/piece/piece";
import { turnLength } from "@/core/proportion/hem";
import type { Turn } from "@/core/piece/adjustment";
import { Shape } from "../../cloth/shape";
import type { Paint } from "../../paint";
import type { Frame } from "../frame";
import { legOuter } from "../limbs";
import {
  across,
  arc,
  between,
  curve,
  heightsBetween,
  lightAlong,
  onSide,
  outline,
  shadeAlong,
  type Point,
} from "../path";
import { ramp, smoothMax, wornHalf } from "./cut";
import { breakFolds, crotchFolds, fallOf, kneeFolds } from "./folds";
import { TurnUp } from "./turn-up";
import { creaseOf, fly, fringe, hemStitches, jeans, slantPocket, waistSeams } from "./leg-seams";

interface LegsProps {
  readonly trousers: Legged;
  readonly hem: number;
  readonly turn: Turn | null;
  /** How much of the leg lies on the shoe, cm. */
  readonly onShoe: number;
  readonly frame: Frame;
  readonly paint: Paint;
  readonly id: string;
}

const sides = [1, -1] as const;

/** Where the foot begins under a hem that hangs to it: a share of the height of the ankle bone. */
const instep = 0.78;

/** How much of a leg lies on the shoe, cm; nothing where it ends above it. */
export function onShoe({ extent }: Worn, { body }: Frame): number {
  return Math.max(0, body.measures.ankleBone.cm * instep - extent.from);
}

/** Trousers from the front: seat, legs at their true widths, crease or seams, turn-up. */
export function Legs({ trousers, hem, turn, onShoe, frame, paint, id }: LegsProps) {
  const cut = cutOf(trousers, hem, turn, frame);
  const { outer, inner, crotch, half } = cut;
  const m = frame.body.measures;
  const fall = fallOf(trousers);
  const knee = m.kneeLine.cm;
  const ends: [Point, Point] = [
    { x: frame.legAxis(hem) + half(hem), h: hem },
    { x: Math.max(0.4, frame.legAxis(hem) - half(hem)), h: hem },
  ];
  const wide = half((crotch + hem) / 2);
  return (
    <Shape
      id={id}
      paint={paint}
      parts={sides.map((side) => ({
        d: outline(
          onSide(side, arc({ x: 0, h: m.waistLine.cm - 0.8 }, outer[0] ?? ends[0], 0.1)),
          onSide(side, outer),
          onSide(side, arc(...ends, 0.7)),
          onSide(side, [...inner].reverse()),
        ),
      }))}
      shades={[
        shadeAlong(between(outer, m.hipLine.cm, hem), wide * 0.5, 1),
        shadeAlong(across(between(inner, crotch - 2, hem)), wide * 0.42, 1),
      ]}
      lights={[
        lightAlong(across(between(outer, m.hipLine.cm, hem)), wide * 0.5, wide * 0.4),
        lightAlong(between(inner, crotch - 4, hem), wide * 0.4, wide * 0.34),
      ]}
      folds={[
        ...crotchFolds(crotch, frame.trunk(m.crotch.cm), fall),
        ...(hem < knee - 6 ? kneeFolds(frame, knee - 1, half(knee), fall) : []),
        ...breakFolds(frame.legAxis(hem), half(hem), hem, onShoe),
        ...sides.map((side) => curve(onSide(side, between(inner, crotch, hem)))),
      ]}
      {...sewn(trousers, frame, cut, hem)}
    >
      <LegEnds {...{ trousers, hem, turn, frame, paint, id }} half={half(hem)} />
    </Shape>
  );
}

/** What is sewn: the waistband and its loops, pockets, creases, the fly, and what jeans have more. */
function sewn(trousers: Legged, frame: Frame, { outer, crotch, half }: LegCut, hem: number) {
  const m = frame.body.measures;
  const band = m.waistLine.cm - 3.6;
  const creased = trousers.poles.includes("tailored") || trousers.figures.leg === "wide";
  const denim = trousers.finish === "denim" || trousers.cloth === "denim";
  const seams = [
    ...waistSeams(frame, band, crotch, trousers.figures.loops !== null),
    ...sides.flatMap((side) => [
      ...(denim ? [] : [slantPocket(frame, side, band)]),
      ...(creased && !denim ? [curve(onSide(side, creaseOf(frame, crotch, hem)))] : []),
    ]),
  ];
  const stitches = [
    fly(band, crotch),
    ...sides.flatMap((side) => hemStitches(trousers, frame, side, { hem, half: half(hem) })),
    ...(denim ? sides.flatMap((side) => jeans(frame, side, band, between(outer, m.hipLine.cm, hem))) : []),
  ];
  return { seams, stitches };
}

interface LegEndsProps extends Omit<LegsProps, "onShoe"> {
  /** Half the width of a leg at the hem. */
  readonly half: number;
}

/** What the legs end in: the threads of a raw hem, or turn-ups. */
function LegEnds({ trousers, hem, turn, frame, paint, id, half }: LegEndsProps) {
  return (
    <>
      {trousers.figures.hem === "raw" && !turn && (
        <path
          d={sides.map((side) => fringe(side * frame.legAxis(hem), half, hem)).join("")}
          stroke={paint.tones.seam}
          strokeWidth={0.2}
          fill="none"
        />
      )}
      {turn &&
        sides.map((side) => (
          <TurnUp
            key={side}
            id={`${id}-turn-${side}`}
            trousers={trousers}
            paint={paint}
            turn={turn}
            x={side * frame.legAxis(hem)}
            half={half}
            hem={hem}
          />
        ))}
    </>
  );
}

interface LegCut {
  /** The right edge from the waist to the hem, and the inside of the right leg. */
  readonly outer: readonly Point[];
  readonly inner: readonly Point[];
  readonly crotch: number;
  /** Half the width of a leg at a height. */
  readonly half: (height: number) => number;
}

/** How far below the hip line the leg has its own width, and below the crotch the legs have parted, as shares of the height. */
const ownWidth = 0.13;
const parted = 0.05;

/** The edges of a pair of legs: over the hips the body's own, below them the leg's, never narrower than the leg in it. */
function cutOf(trousers: Legged, hem: number, turn: Turn | null, frame: Frame): LegCut {
  const { height: H, measures: m } = frame.body;
  const crotch = m.crotch.cm - trousers.figures.drop;
  const cloth = widthOf(trousers, hem - turnLength(turn), m.kneeLine.cm, frame);
  const half = (h: number) => smoothMax(frame.legHalf(h) + 0.5, cloth(h), 0.8);
  const own = m.hipLine.cm - ownWidth * H;
  const heights = heightsBetween(m.waistLine.cm, hem, 0.05 * H);
  const outer = heights.map((h) => {
    const body =
      (h >= m.crotch.cm ? frame.trunk(h) : legOuter(frame, h)) +
      0.5 +
      0.4 * ramp(-h, -m.waistLine.cm, -m.hipLine.cm);
    const leg = frame.legAxis(h) + half(h);
    const share = ramp(-h, -m.hipLine.cm, -own);
    return { x: smoothMax(body, body * (1 - share) + leg * share, 0.3), h };
  });
  const inner = [
    { x: 0, h: m.waistLine.cm - 0.8 },
    { x: 0, h: crotch },
    ...heightsBetween(crotch, hem, 0.05 * H)
      .slice(1)
      .map((h) => ({
        x: Math.max(0.25, (frame.legAxis(h) - half(h)) * ramp(-h, -crotch, -(crotch - parted * H))),
        h,
      })),
  ];
  return { outer, inner, crotch, half };
}

/** Half the worn width of a leg of cloth at a height, from its opening, its circumference above it, and its cut. */
function widthOf(trousers: Legged, hem: number, knee: number, frame: Frame): (height: number) => number {
  const { opening, above, leg } = trousers.figures;
  const slope = (above - opening) / 10;
  const straight = (h: number) => (opening + slope * Math.min(10, Math.max(0, h - hem))) * wornHalf;
  const end = opening * wornHalf;
  const crotch = frame.body.measures.crotch.cm;
  switch (leg) {
    case "flared": {
      if (hem > knee - 12) return straight;
      const close = frame.legHalf(knee) + 0.9;
      return (h) =>
        close + Math.max(0, end - close) * Math.min(1, Math.max(0, (knee - h) / (knee - hem))) ** 1.4;
    }
    case "tapered": {
      const full = frame.legHalf(crotch) + 2;
      return (h) => end + Math.max(0, full - end) * ramp(h, hem, crotch);
    }
    case "barrel": {
      // Bowed out about the knee, and in again to both ends.
      const belly = Math.max(end, frame.legHalf(knee)) + 4.5;
      return (h) =>
        h > knee ? belly - 2.5 * ramp(h, knee, crotch) : end + (belly - end) * ramp(h, hem, knee);
    }
    case "balloon": {
      // Full all the way, and gathered at the hem.
      const full = Math.max(end, frame.legHalf(knee)) + 5;
      return (h) => end + (full - end) * ramp(h, hem - 1, hem + 13);
    }
    case "straight":
    case "narrow":
    case "wide":
    case "culotte":
    case "shorts":
      return straight;
  }
}
