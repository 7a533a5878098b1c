import type { PieceOf } from "@/core/piece/piece";
import type { Frame } from "../frame";
import { curve, onSide, outline, type Point } from "../path";
import { uppersOf } from "./shoe-front-uppers";
import type { Last } from "./shoe-last";

export type ShoeFigures = PieceOf<"shoe">["figures"];
type Toe = ShoeFigures["toe"];

/** How much of the ball's width the end of the toe has. */
const toeEnd: Readonly<Record<Toe, number>> = {
  round: 0.74,
  open: 0.8,
  square: 0.88,
  almond: 0.5,
  pointed: 0.22,
};

/** How much of a sole is seen under the upper, cm. */
const soleSeen = { fine: 0.45, middling: 0.9, heavy: 1.7 } as const;

/** One shoe as seen from the front and a little from above, turned outwards: closed paths and lines, in place. */
export interface ShoeFront {
  /** The foot in it, from one side of the ankle round the toes to the other: an open line. */
  readonly foot: string;
  readonly heel: string | null;
  readonly sole: string;
  /** The upper, in as many parts as it has. */
  readonly upper: readonly string[];
  readonly seams: readonly string[];
  readonly stitches: readonly string[];
  /** What a toe cap takes of the upper, drawn where it has a colour of its own. */
  readonly cap: string;
  readonly laces: readonly string[];
  /** The edge that lies in shadow, and the spot on the toe that takes the light. */
  readonly shadeEdge: readonly Point[];
  readonly light: string;
  /** Inside the top of a shaft, beside the leg. */
  readonly inside: readonly string[];
}

/** Breadth of the ball of the foot and how far it is turned out, as shares of the height. */
const ballShare = 0.0242;
const turnShare = 0.0125;

function lastOf({ lift, platform, toe, soleBulk }: ShoeFigures, frame: Frame): Last {
  const { height: H, measures } = frame.body;
  const ball = ballShare * H * Math.sqrt(frame.legHalf(measures.ankleBone.cm) / (0.0225 * H));
  const tread = -lift + Math.max(platform, Math.min(soleSeen[soleBulk], lift));
  return {
    ankle: frame.legHalf(0.05 * H),
    ball,
    turn: turnShare * H,
    ground: -lift,
    tread,
    rise: -tread,
    toe: toeEnd[toe],
  };
}

/** The edge from the ankle down the outer (1) or the inner (-1) side to the end of the toe. */
function sideOf(
  { ankle, ball, turn, tread, rise, toe }: Last,
  way: number,
  from: number,
  off: number,
): Point[] {
  const at = (x: number, share: number) => way * x + turn * share;
  return [
    { x: at(ankle + off, 0), h: from },
    { x: at(ankle + off + 0.35, 0.12), h: tread + 4.6 + rise * 0.55 },
    { x: at(ball * 0.9, 0.6), h: tread + 3.2 + rise * 0.2 },
    { x: at(ball, 0.92), h: tread + 1.9 },
    { x: at(ball * (0.5 + toe * 0.46), 1), h: tread + 0.75 },
    { x: at(ball * toe * 0.62, 1.06), h: tread + 0.08 },
    { x: turn * 1.08, h: tread - 0.12 },
  ];
}

/** Lines and areas of a shoe's front, for the right of the picture. */
export function shoeFront(shoe: ShoeFigures, frame: Frame, side: number): ShoeFront {
  const last = lastOf(shoe, frame);
  const { tread, rise, turn, ball, ankle, ground } = last;
  const axis = frame.legAxis(0);
  const place = (points: readonly Point[]) =>
    onSide(
      side,
      points.map(({ x, h }) => ({ x: axis + x, h })),
    );
  const whole = (from: number, off: number) => {
    const outer = sideOf(last, 1, from, off);
    const inner = sideOf(last, -1, from, off);
    return { outer, inner, down: [...outer, ...[...inner].reverse().slice(1)] };
  };
  const low = tread + 5.2 + rise;
  const body = whole(low, 0.45);
  const shaped = uppersOf(shoe, last, body.down, frame);
  const edge = side > 0 ? body.outer : [...body.inner];
  return {
    foot: curve(place(whole(0.05 * frame.body.height, 0).down)),
    heel: heelOf(shoe, last, place),
    sole: outline(
      place([
        { x: -ball * 0.98 + turn * 0.9, h: tread + 1.5 },
        { x: -ball * (0.5 + last.toe * 0.46) + turn, h: tread + 0.5 },
        { x: -ball * last.toe * 0.62 + turn * 1.06, h: ground + 0.05 },
        { x: turn * 1.08, h: ground - 0.15 },
        { x: ball * last.toe * 0.62 + turn * 1.06, h: ground + 0.05 },
        { x: ball * (0.5 + last.toe * 0.46) + turn, h: tread + 0.5 },
        { x: ball * 0.98 + turn * 0.9, h: tread + 1.5 },
      ]),
    ),
    upper: shaped.upper.map((runs) => outline(...runs.map(place))),
    seams: [
      ...shaped.seams.map((points) => curve(place(points))),
      ...(shoe.cutOuts ? cutOutsOf(last).map((points) => outline(place(points))) : []),
    ],
    stitches: shaped.stitches.map((points) => curve(place(points))),
    laces: shaped.laces.map((points) => curve(place(points))),
    cap: outline(place(capOf(last))),
    shadeEdge: place(edge),
    light: outline(
      place([
        { x: turn * 0.9 - side * ball * 0.42, h: tread + 2.5 },
        { x: turn * 0.95 - side * ball * 0.12, h: tread + 2.9 },
        { x: turn - side * ball * 0.1, h: tread + 1.9 },
        { x: turn - side * ball * 0.34, h: tread + 1.5 },
        { x: turn * 0.9 - side * ball * 0.42, h: tread + 2.5 },
      ]),
    ),
    inside: shoe.shaft === null ? [] : shaftTop(shoe, frame, side * axis, ankle),
  };
}

/** What lies in front of the seam across the toe. */
function capOf({ ball, turn, tread }: Last): Point[] {
  const [inner, outer] = [turn * 0.9 - ball * 1.2, turn * 1.1 + ball * 1.2];
  return [
    { x: inner, h: tread + 1.5 },
    { x: turn, h: tread + 2.8 },
    { x: outer, h: tread + 1.5 },
    { x: outer, h: tread - 1 },
    { x: inner, h: tread - 1 },
    { x: inner, h: tread + 1.5 },
  ];
}

/** Openings cut into the upper beside the foot. */
function cutOutsOf({ ball, turn, tread, rise }: Last): Point[][] {
  return [-1, 1].map((way) => {
    const x = way * ball * 0.66 + turn * 0.66;
    const h = tread + 3 + rise * 0.3;
    return [
      { x: x - 0.55, h },
      { x, h: h + 0.95 },
      { x: x + 0.55, h },
      { x, h: h - 0.95 },
      { x: x - 0.55, h },
    ];
  });
}

/** Inside the top of a shaft, what is seen of it on either side of the leg. */
function shaftTop(
  { shaft, shaftTop: around }: ShoeFigures,
  frame: Frame,
  x: number,
  ankle: number,
): string[] {
  const h = shaft ?? 0;
  const half = Math.max((around ?? 28) / (2 * Math.PI), ankle);
  const leg = Math.min(half - 0.1, frame.legHalf(h));
  const round = half * 0.16;
  const up = round * Math.sqrt(1 - (leg / half) ** 2);
  return [1, -1].map((way) => {
    const [from, to] = [(x + way * leg).toFixed(2), (x + way * half).toFixed(2)];
    const sweep = way > 0 ? 1 : 0;
    const bend = `A${half.toFixed(2)} ${round.toFixed(2)} 0 0 ${sweep}`;
    return `M${from} ${(-h - up).toFixed(2)}${bend} ${to} ${-h}${bend} ${from} ${(-h + up).toFixed(2)}Z`;
  });
}

/** Half the width of a heel from behind, cm. */
const heelHalf: Readonly<Record<ShoeFigures["tip"], number>> = {
  flat: 0,
  block: 1.7,
  slim: 0.8,
  stiletto: 0.45,
  wedge: 0,
};

/** A raised heel stands behind the ball, on the inner side of a foot that is turned out. */
function heelOf(
  { tip, lift }: ShoeFigures,
  { ground, turn, ball, ankle }: Last,
  place: (points: readonly Point[]) => Point[],
): string | null {
  if (tip === "wedge" && lift > 1.5)
    return outline(
      place([
        { x: -ball * 0.8, h: -0.6 },
        { x: ball * 0.7, h: -0.6 },
        { x: ball * 0.8 + turn, h: ground },
        { x: -ball * 0.8, h: ground },
      ]),
    );
  const half = heelHalf[tip];
  if (half === 0 || lift < 3) return null;
  // Under the heel of the foot, of which the forefoot leaves the inner side to be seen.
  const x = -ankle * 0.55;
  return outline(
    place([
      { x: x - half * 1.5, h: 0 },
      { x: x - half, h: ground * 0.5 },
      { x: x - half, h: ground },
    ]),
    place([
      { x: x + half, h: ground },
      { x: x + half, h: ground * 0.5 },
      { x: x + half * 1.5, h: 0 },
    ]),
  );
}
