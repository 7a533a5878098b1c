import type { Part } from "../../cloth/shape";
import { Shape } from "../../cloth/shape";
import type { Paint } from "../../paint";
import type { Frame } from "../frame";
import { curve, outline, shadeAlong, type Point } from "../path";

/** How far the half that is out hangs below the waist, cm. */
const tailHangs = 15;

/** The half of a hem that hangs out on the left of the picture, where the rest is tucked in. */
export function halfTuckTail(frame: Frame, ease: number): Part {
  const waist = frame.body.measures.waistLine.cm;
  const half = frame.trunk(waist) + 0.6 + ease * 0.4;
  const hip = frame.trunk(waist - tailHangs) + 1;
  return {
    d: outline(
      [
        { x: -half, h: waist + 2 },
        { x: -half - 0.8, h: waist - 5 },
        { x: -hip - 0.4, h: waist - tailHangs },
      ],
      [
        { x: -hip - 0.4, h: waist - tailHangs },
        { x: -hip * 0.62, h: waist - tailHangs - 1.6 },
        { x: -hip * 0.3, h: waist - tailHangs * 0.72 },
        { x: -half * 0.06, h: waist - 1.2 },
      ],
      [{ x: -half * 0.06, h: waist + 2 }],
    ),
  };
}

/** The knot of a top that is tied at the waist, with its two ends. */
export function FrontKnot({ frame, paint }: { readonly frame: Frame; readonly paint: Paint }) {
  const y = -(frame.body.measures.waistLine.cm + 0.4);
  const line = { fill: paint.fill, stroke: paint.tones.outline, strokeWidth: 0.28 } as const;
  const fold = { fill: "none", stroke: paint.tones.fold, strokeWidth: 0.24, strokeLinecap: "round" } as const;
  return (
    <g strokeLinejoin="round">
      <path
        d={`M-0.8 ${y}Q-3.4 ${y + 3.4} -6 ${y + 8.4}Q-3.6 ${y + 8.8} -1.6 ${y + 7}Q-0.2 ${y + 4} 0.6 ${y + 1}Z`}
        {...line}
      />
      <path
        d={`M0.6 ${y}Q3 ${y + 3} 4.6 ${y + 9.4}Q2.4 ${y + 9.2} 1 ${y + 7.2}Q0 ${y + 4} -0.4 ${y + 1}Z`}
        {...line}
      />
      <path
        d={`M-2.4 ${y - 1.2}Q0 ${y - 2.6} 2.4 ${y - 1.2}Q3 ${y + 0.6} 2 ${y + 1.8}Q0 ${y + 2.6} -2 ${y + 1.8}Q-3 ${y + 0.6} -2.4 ${y - 1.2}Z`}
        {...line}
      />
      <path
        d={`M-1.4 ${y - 0.8}Q-0.4 ${y + 0.4} -0.9 ${y + 1.6}M1 ${y - 0.9}Q0.2 ${y + 0.3} 0.8 ${y + 1.5}M-7 ${y - 3.6}Q-4 ${y - 2.4} -2.4 ${y - 0.2}M7 ${y - 3.6}Q4 ${y - 2.4} 2.4 ${y - 0.2}M-5 ${y - 7}Q-3 ${y - 4} -1.6 ${y - 1.4}M5 ${y - 7}Q3 ${y - 4} 1.6 ${y - 1.4}`}
        {...fold}
      />
    </g>
  );
}

interface KnitTiedProps {
  readonly how: "round the shoulders" | "across the body";
  readonly frame: Frame;
  readonly paint: Paint;
  readonly id: string;
}

/** A knit tied by its sleeves: its body lies behind, its sleeves come forward to a knot. */
export function KnitTied({ how, frame, paint, id }: KnitTiedProps) {
  return how === "across the body" ? (
    <AcrossTheBody frame={frame} paint={paint} id={id} />
  ) : (
    <RoundTheShoulders frame={frame} paint={paint} id={id} />
  );
}

type Tied = Omit<KnitTiedProps, "how">;

function RoundTheShoulders({ frame, paint, id }: Tied) {
  const { neckPoint, shoulder, bustLine } = frame.body.measures;
  const neck = neckPoint.cm;
  const knot = bustLine.cm + 5;
  const out = frame.shoulderHalf * 0.94;
  const right: Point[] = [
    { x: frame.neckHalf * 1.05, h: neck + 2.4 },
    { x: out * 0.72, h: shoulder.cm + 3.4 },
    { x: out, h: shoulder.cm + 0.4 },
    { x: out * 0.96, h: shoulder.cm - 6 },
  ];
  const inner: Point[] = [
    { x: 3.4, h: knot + 1.4 },
    { x: frame.neckHalf * 1.25, h: neck - 5 },
    { x: frame.neckHalf * 1.05, h: neck + 2.4 },
  ];
  const shawl = [1, -1].map((side) => ({
    d: outline(
      right.map(({ x, h }) => ({ x: side * x, h })),
      [
        { x: side * out * 0.96, h: shoulder.cm - 6 },
        { x: side * out * 0.56, h: knot + 3 },
        { x: side * 2.6, h: knot - 2 },
      ],
      inner.map(({ x, h }) => ({ x: side * x, h })),
    ),
  }));
  const end = knot - 21;
  const sleeves = [
    { side: -1, low: end },
    { side: 1, low: end + 3 },
  ].map(({ side, low }) => sleeve({ x: side * 0.8, h: knot }, { x: side * 4.6, h: low }, 3.2));
  return (
    <Shape
      id={id}
      paint={paint}
      parts={[...shawl, ...sleeves, knotAt({ x: 0, h: knot })]}
      shades={[shadeAlong(right, 4, 0.9)]}
      folds={[1, -1].flatMap((side) => [
        curve([
          { x: side * out * 0.8, h: shoulder.cm },
          { x: side * out * 0.52, h: knot + 7 },
          { x: side * 3, h: knot + 0.4 },
        ]),
      ])}
      seams={[ribAt(-4.6, end), ribAt(4.6, end + 3), loopOf({ x: 0, h: knot })]}
    />
  );
}

function AcrossTheBody({ frame, paint, id }: Tied) {
  const { shoulder, waistLine, bustLine } = frame.body.measures;
  const from = { x: -frame.shoulderHalf * 0.74, h: shoulder.cm + 3 };
  const to = { x: frame.trunk(waistLine.cm) + 1, h: waistLine.cm + 3 };
  const knot = { x: (from.x + to.x) / 2 + 2, h: bustLine.cm - 3 };
  const wide = 8.5;
  const band = {
    d: outline(
      [
        { x: from.x - 3.4, h: from.h - 1.4 },
        { x: knot.x - 6, h: knot.h - 2 },
        { x: to.x - 1, h: to.h - wide * 0.7 },
      ],
      [
        { x: to.x + 0.6, h: to.h - wide * 0.4 },
        { x: to.x + 0.4, h: to.h + wide * 0.5 },
      ],
      [
        { x: knot.x + 5.5, h: knot.h + 4.6 },
        { x: from.x + 4.6, h: from.h + 0.8 },
        { x: from.x - 3.4, h: from.h - 1.4 },
      ],
    ),
  };
  const sleeves = [
    sleeve(knot, { x: knot.x - 5, h: knot.h - 19 }, 3.2),
    sleeve(knot, { x: knot.x + 3, h: knot.h - 17 }, 3.2),
  ];
  return (
    <Shape
      id={id}
      paint={paint}
      parts={[band, ...sleeves, knotAt(knot)]}
      folds={[
        curve([
          { x: from.x + 1, h: from.h - 2 },
          { x: knot.x - 2, h: knot.h + 1.6 },
        ]),
        curve([
          { x: knot.x + 3, h: knot.h },
          { x: to.x - 1, h: to.h - 2 },
        ]),
      ]}
      seams={[ribAt(knot.x - 5, knot.h - 19), ribAt(knot.x + 3, knot.h - 17), loopOf(knot)]}
    />
  );
}

/** A flat sleeve that hangs from a knot. */
function sleeve(from: Point, to: Point, half: number): Part {
  return {
    d: outline(
      [
        { x: from.x - 1.4, h: from.h },
        { x: (from.x + to.x) / 2 - half, h: (from.h + to.h) / 2 },
        { x: to.x - half * 0.8, h: to.h },
      ],
      [
        { x: to.x - half * 0.8, h: to.h },
        { x: to.x + half * 0.8, h: to.h - 0.4 },
      ],
      [
        { x: to.x + half * 0.8, h: to.h - 0.4 },
        { x: (from.x + to.x) / 2 + half, h: (from.h + to.h) / 2 },
        { x: from.x + 1.4, h: from.h },
      ],
    ),
  };
}

function knotAt({ x, h }: Point): Part {
  return {
    d: outline([
      { x: x - 3.2, h: h + 0.6 },
      { x, h: h + 2.6 },
      { x: x + 3.2, h: h + 0.4 },
      { x: x + 2.2, h: h - 2.2 },
      { x: x - 2, h: h - 2.4 },
      { x: x - 3.2, h: h + 0.6 },
    ]),
  };
}

/** The cloth that is drawn over the knot. */
function loopOf({ x, h }: Point): string {
  return curve([
    { x: x - 1.6, h: h + 2 },
    { x: x - 0.4, h },
    { x: x - 1, h: h - 2.2 },
  ]);
}

/** The line of the rib near the end of a sleeve. */
function ribAt(x: number, h: number): string {
  return curve([
    { x: x - 2.8, h: h + 4 },
    { x: x + 2.8, h: h + 3.7 },
  ]);
}
