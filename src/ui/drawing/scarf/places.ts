import type { Tied } from "@/core/scarf/tied";
import type { PartPlace, TiePart, TiePlace } from "@/core/scarf/ties/define-tie";
import type { Frame } from "../figure/frame";
import { alongCurve, type Spot, type Strip } from "./strip";

/** Where a tie sits on the figure: what it goes round seen from the front, and where its knot lies; cm, y down. */
export interface Seat {
  readonly left: Spot;
  readonly right: Spot;
  /** How far the middle of what lies across hangs below its ends. */
  readonly sag: number;
  readonly knot: Spot;
  /** The greatest half width a band may have there. */
  readonly most: number;
}

/** The seat of a tie on a body, by where it is tied; `aside` puts its knot to one side. */
export function seatOf(place: TiePlace, frame: Frame, aside: boolean): Seat {
  const { measures, height } = frame.body;
  const round = (y: number, half: number, sag: number, most: number, drop = sag): Seat => ({
    left: { x: -half, y },
    right: { x: half, y },
    sag,
    knot: { x: aside ? -half * 0.72 : 0, y: y + (aside ? drop * 0.55 : drop) },
    most,
  });
  const seats: Record<TiePlace, () => Seat> = {
    neck: () => round(-measures.neckPoint.cm - 3.6, frame.neckHalf + 0.7, 5.6, 2.9, 6.4),
    head: () => round(-height * 0.985, height * 0.049, 3, 1.6),
    hair: () => round(-height * 0.952, height * 0.047, -6, 1.5),
    wrist: () => {
      const { x, height: at } = frame.wrist;
      const half = frame.armHalf(at) + 0.3;
      return {
        left: { x: x - half, y: -at },
        right: { x: x + half, y: -at },
        sag: 0.6,
        knot: { x, y: -at + 1 },
        most: 2.4,
      };
    },
    bag: () => {
      const at = measures.hipLine.cm + 4;
      const x = frame.wrist.x + 2;
      return {
        left: { x: x - 1.4, y: -at },
        right: { x: x + 1.4, y: -at },
        sag: 0.4,
        knot: { x, y: -at },
        most: 1.6,
      };
    },
    "belt loops": () => round(-measures.waistLine.cm + 3, frame.trunk(measures.waistLine.cm - 3), 1.4, 1.8),
    waist: () => round(-measures.waistLine.cm, frame.trunk(measures.waistLine.cm) + 0.5, 1.8, 4),
    top: () => round(-measures.bustLine.cm - 2, frame.trunk(measures.bustLine.cm) + 0.4, 3, 12),
  };
  return seats[place]();
}

/** How wide a band lies that is so wide folded: it is gathered where it goes round. */
const gather = 0.78;

interface Laying {
  readonly tied: Tied;
  readonly seat: Seat;
}

type Lay = (part: TiePart, laying: Laying) => Strip | null;

const between = (one: Spot, other: Spot, share: number): Spot => ({
  x: one.x + (other.x - one.x) * share,
  y: one.y + (other.y - one.y) * share,
});

function bandHalf({ tied: { width }, seat: { most } }: Laying): number {
  return Math.min(most, (width * gather) / 2);
}

/** From behind down to the knot on one side; at the knot it is drawn together. */
const round =
  (side: "left" | "right"): Lay =>
  ({ from, to }, laying) => {
    const { seat, tied } = laying;
    const end = seat[side];
    const half = bandHalf(laying);
    const [first, last] = side === "left" ? [to, from] : [from, to];
    const inward = between(end, seat.knot, 0.12);
    return alongCurve(
      [
        end,
        { x: inward.x * 1.02, y: end.y + (seat.knot.y - end.y) * 0.42 },
        { x: end.x * 0.55, y: end.y + (seat.knot.y - end.y) * 0.82 },
        seat.knot,
      ],
      (t) => half * (1 - 0.55 * t ** 2.2),
      { from: first / tied.length, to: last / tied.length },
    );
  };

/** Across the front from one side to the other. */
const across =
  (raised: number): Lay =>
  ({ from, to }, laying) => {
    const { left, right, sag } = laying.seat;
    const half = bandHalf(laying);
    const low = (sag * 4) / 3 - raised;
    return alongCurve(
      [
        { x: left.x, y: left.y - raised * 0.5 },
        { x: left.x * 0.62, y: left.y + low },
        { x: right.x * 0.62, y: right.y + low },
        { x: right.x, y: right.y - raised * 0.5 },
      ],
      (t) => half * (0.8 + 0.2 * Math.sin(Math.PI * t)),
      { from: from / laying.tied.length, to: to / laying.tied.length },
    );
  };

/** A tail from the knot down: drawn together at the knot, opening below it. */
const tail =
  (side: -1 | 1): Lay =>
  ({ from, to }, { tied, seat: { knot } }) => {
    const long = to - from;
    const half = Math.min(tied.width / 2, 5.5);
    const swing = Math.min(long * 0.3, 6.5) * side;
    const isFirst = from < tied.length - to;
    return alongCurve(
      [
        { x: knot.x + side * 0.5, y: knot.y + 0.4 },
        { x: knot.x + swing * 0.5, y: knot.y + long * 0.3 },
        { x: knot.x + swing * 1.15, y: knot.y + long * 0.62 },
        { x: knot.x + swing * 0.92, y: knot.y + long * 0.97 },
      ],
      (t) => half * (0.3 + 0.62 * Math.min(1, t * 2.6)),
      { from: (isFirst ? to : from) / tied.length, to: (isFirst ? from : to) / tied.length },
    );
  };

/** A loop of a bow: out to the side and round. */
const loop =
  (side: -1 | 1): Lay =>
  ({ from, to }, { tied, seat: { knot } }) => {
    const reach = Math.min(8, (to - from) * 0.42);
    return alongCurve(
      [
        knot,
        { x: knot.x + side * reach * 0.4, y: knot.y - 1.6 },
        { x: knot.x + side * reach * 0.8, y: knot.y - 1.4 },
        { x: knot.x + side * reach, y: knot.y + 0.5 },
      ],
      (t) => 0.5 + Math.min(tied.width * 0.36, 2.5) * Math.sin(Math.min(1, t * 1.25) * Math.PI * 0.62),
      { from: from / tied.length, to: to / tied.length },
    );
  };

/** An end that hangs down the front from over the shoulder. */
const hang =
  (side: -1 | 1): Lay =>
  ({ from, to }, laying) => {
    const { tied, seat } = laying;
    const top = side < 0 ? seat.left : seat.right;
    const long = to - from;
    const half = Math.min(tied.width / 2, 5.5);
    const inner = top.x * 0.86;
    return alongCurve(
      [
        { x: top.x * 0.9, y: top.y },
        { x: top.x * 1.2, y: top.y + 6 },
        { x: inner, y: top.y + long * 0.5 },
        { x: inner, y: top.y + long * 0.96 },
      ],
      (t) => half * (0.55 + 0.4 * Math.min(1, t * 3)),
      { from: (side < 0 ? to : from) / tied.length, to: (side < 0 ? from : to) / tied.length },
    );
  };

/** A short stretch that runs across the knot, clipped to its round. */
const knot: Lay = ({ from, to }, { tied, seat: { knot: at } }) => {
  const r = knotRadius(tied);
  return alongCurve(
    [
      { x: at.x - r.x, y: at.y },
      { x: at.x - r.x / 3, y: at.y },
      { x: at.x + r.x / 3, y: at.y },
      { x: at.x + r.x, y: at.y },
    ],
    () => r.y,
    { from: from / tied.length, to: to / tied.length },
  );
};

/** Half the width and height of a knot as it is seen. */
export function knotRadius({ knot: { from } }: Pick<Tied, "knot">): Spot {
  return { x: Math.max(1.6, from * 1.2), y: Math.max(1.3, from * 0.98) };
}

/** How much of its natural width a triangle keeps below its gathered edge: the rest falls into folds. */
const spreads = 0.55;

/** A triangle that hangs from the throat by its long edge, turned so far (degrees) to a side. */
const triangle =
  (turned: number): Lay =>
  ({ from, to }, { tied, seat }) => {
    const drop = Math.min(tied.falls, 62);
    const turn = (turned * Math.PI) / 180;
    const { left, right, sag } = seat;
    return {
      from: from / tied.length,
      to: to / tied.length,
      place(along, up) {
        const edge = left.x + (right.x - left.x) * along;
        const wide = (along - 0.5) * (to - from) * spreads;
        const x = edge * up + wide * (1 - up);
        const y = sag * (1 - (2 * along - 1) ** 2 * up) + drop * (1 - up);
        return {
          x: x * Math.cos(turn) + y * Math.sin(turn),
          y: left.y + y * Math.cos(turn) - x * Math.sin(turn),
        };
      },
    };
  };

/** A cloth spread over the shoulders: its edge lies round the neck, and it falls over the upper arms. */
const shawl: Lay = ({ from, to }, { tied, seat }) => {
  const drop = Math.min(tied.falls, 62);
  const { left, right, sag } = seat;
  return {
    from: from / tied.length,
    to: to / tied.length,
    place(along, up) {
      const out = 2 * along - 1;
      const edge = left.x + (right.x - left.x) * along;
      const wide = out * right.x * 4.2;
      const slope = Math.abs(out) ** 1.6 * 9 * (1 - up);
      return {
        x: edge * up ** 1.5 + wide * (1 - up ** 1.5),
        y: left.y + sag * (1 - out * out) * up + slope + drop * (1 - up) * (1 - 0.25 * out * out),
      };
    },
  };
};

/** How each stretch of a tie is laid on the figure. */
const lays: Record<PartPlace, Lay> = {
  across: across(0),
  "upper round": across(2.2),
  "round left": round("left"),
  "round right": round("right"),
  knot,
  ring: () => null,
  "tail left": tail(-1),
  "tail right": tail(1),
  "loop left": loop(-1),
  "loop right": loop(1),
  "hang left": hang(-1),
  "hang right": hang(1),
  point: triangle(0),
  "point aside": triangle(-34),
  shawl,
};

/** The order in which stretches lie over one another, the lowest first. */
const order: readonly PartPlace[] = [
  "shawl",
  "point",
  "point aside",
  "upper round",
  "across",
  "round left",
  "round right",
  "hang right",
  "hang left",
  "tail right",
  "tail left",
  "loop left",
  "loop right",
  "knot",
  "ring",
];

/** A stretch of a tie with the strip it is drawn as. */
export interface LaidPart {
  readonly part: TiePart;
  readonly strip: Strip | null;
}

/** The stretches of a tied scarf on a figure, in the order in which they lie over one another. */
export function laidParts(tied: Tied, seat: Seat): LaidPart[] {
  return [...tied.parts]
    .sort((one, other) => order.indexOf(one.place) - order.indexOf(other.place))
    .map((part) => ({ part, strip: lays[part.place](part, { tied, seat }) }));
}
