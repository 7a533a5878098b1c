import type { Tied } from "@/core/scarf/tied";
import { between, type Lay, type Laying } from "./laying";
import { alongCurve, type Spot, type Strip } from "./strip";

/** How wide a band lies that is so wide folded: it is gathered where it goes round. */
const gather = 0.78;
/** The greatest half width of an end that hangs, cm: more falls into folds. */
const widestEnd = 5.5;

function bandHalf({ tied: { width }, seat: { most } }: Laying): number {
  return Math.min(most, (width * gather) / 2);
}

/** From behind down to the knot on one side; at the knot it is drawn together. */
export const round =
  (side: "left" | "right"): Lay =>
  ({ from, to }, laying) => {
    const { seat, tied } = laying;
    const end = seat[side];
    const half = bandHalf(laying);
    const [first, last] = side === "left" ? [to, from] : [from, to];
    const inward = between(end, seat.knot, 0.12);
    return [
      alongCurve(
        [
          end,
          { x: inward.x * 1.02, y: end.y + (seat.knot.y - end.y) * 0.42 },
          { x: end.x * 0.55, y: end.y + (seat.knot.y - end.y) * 0.82 },
          seat.knot,
        ],
        (t) => half * (1 - 0.55 * t ** 2.2),
        { from: first / tied.length, to: last / tied.length },
      ),
    ];
  };

/** Across the front from one side to the other. */
export const across =
  (raised: number): Lay =>
  ({ from, to }, laying) => {
    const { left, right, sag } = laying.seat;
    const half = bandHalf(laying);
    const low = (sag * 4) / 3 - raised;
    return [
      alongCurve(
        [
          { x: left.x, y: left.y - raised * 0.5 },
          { x: left.x * 0.62, y: left.y + low },
          { x: right.x * 0.62, y: right.y + low },
          { x: right.x, y: right.y - raised * 0.5 },
        ],
        (t) => half * (0.8 + 0.2 * Math.sin(Math.PI * t)),
        { from: from / laying.tied.length, to: to / laying.tied.length },
      ),
    ];
  };

/** A tail from the knot down: drawn together at the knot, opening below it. */
export const tail =
  (side: -1 | 1): Lay =>
  ({ from, to }, { tied, seat: { knot } }) => {
    const long = to - from;
    const half = Math.min(tied.width / 2, widestEnd);
    const swing = Math.min(long * 0.3, 6.5) * side;
    const isFirst = from < tied.length - to;
    return [
      alongCurve(
        [
          { x: knot.x + side * 0.5, y: knot.y + 0.4 },
          { x: knot.x + swing * 0.5, y: knot.y + long * 0.3 },
          { x: knot.x + swing * 1.15, y: knot.y + long * 0.62 },
          { x: knot.x + swing * 0.92, y: knot.y + long * 0.97 },
        ],
        (t) => half * (0.3 + 0.62 * Math.min(1, t * 2.6)),
        { from: (isFirst ? to : from) / tied.length, to: (isFirst ? from : to) / tied.length },
      ),
    ];
  };

/** A loop of a bow: out to the side, full in its middle, and back into the knot. */
export const loop =
  (side: -1 | 1): Lay =>
  ({ from, to }, { tied, seat: { knot } }) => {
    const reach = Math.min(9.5, (to - from) * 0.5);
    const full = Math.min(tied.width * 0.48, reach * 0.46);
    return [
      alongCurve(
        [
          { x: knot.x + side * 0.6, y: knot.y },
          { x: knot.x + side * reach * 0.4, y: knot.y - 1.5 },
          { x: knot.x + side * reach * 0.75, y: knot.y - 1.7 },
          { x: knot.x + side * reach, y: knot.y + 0.7 },
        ],
        (t) => full * (0.28 + 0.72 * Math.sin(Math.min(1, t * 1.18) * Math.PI * 0.62)) * roundedAt(t),
        { from: from / tied.length, to: to / tied.length },
      ),
    ];
  };

/** The end of a loop is round: its half width falls to nothing as a circle's does. */
const roundedAt = (t: number) => (t < 0.78 ? 1 : Math.sqrt(Math.max(0, 1 - ((t - 0.78) / 0.22) ** 2)));

/** An end that hangs down the front from over the shoulder. */
export const hang =
  (side: -1 | 1): Lay =>
  ({ from, to }, { tied, seat }) => {
    const top = side < 0 ? seat.left : seat.right;
    const long = to - from;
    const half = Math.min(tied.width / 2, widestEnd);
    const inner = side * Math.max(half * 0.9, Math.abs(top.x) * 0.62);
    return [
      alongCurve(
        [
          { x: top.x * 0.94, y: top.y },
          { x: top.x * 1.08, y: top.y + 7 },
          { x: inner * 1.06, y: top.y + long * 0.5 },
          { x: inner * 1.16, y: top.y + long * 0.96 },
        ],
        (t) => half * (0.5 + 0.42 * Math.min(1, t * 3)),
        { from: (side < 0 ? to : from) / tied.length, to: (side < 0 ? from : to) / tied.length },
      ),
    ];
  };

/** An end that crosses over the chest: from the neck downwards, or at the bust from under the arm up to the neck. */
export const crossed =
  (side: -1 | 1): Lay =>
  ({ from, to }, laying) => {
    const { tied, seat, frame } = laying;
    const isUpwards = tied.spec.place === "top";
    const half = Math.min(tied.width / 2, isUpwards ? 6.5 : 5);
    const { bustLine, neckPoint } = frame.body.measures;
    const beside = { x: side * (frame.neckHalf + 0.4), y: -neckPoint.cm - 2.4 };
    const [begin, end] = isUpwards
      ? [
          { x: side * (frame.trunk(bustLine.cm - 4) + 0.4), y: 4 - bustLine.cm },
          { ...beside, x: -beside.x },
        ]
      : [
          { x: side * Math.abs(seat.left.x), y: seat.left.y },
          { x: -side * 4.2, y: -bustLine.cm + 3 },
        ];
    const middle = between(begin, end, 0.5);
    const shares = { from: from / tied.length, to: to / tied.length };
    const runsOut = side < 0 ? { from: shares.to, to: shares.from } : shares;
    return [
      alongCurve(
        [
          begin,
          isUpwards ? { x: begin.x * 0.62, y: begin.y - 0.6 } : { x: begin.x * 1.05, y: begin.y + 6 },
          between(middle, end, 0.25),
          end,
        ],
        (t) => half * (isUpwards ? 1 - 0.5 * t : 0.55 + 0.45 * Math.min(1, t * 2)),
        runsOut,
      ),
    ];
  };

/** A closed loop that hangs down one side and comes up the other. */
export const hungLoop: Lay = ({ from, to }, { tied, seat }) => {
  const half = Math.min(tied.width / 2, 4.2);
  const low = Math.min(tied.falls, 70) * 1.26;
  const { left, right } = seat;
  const wide = Math.max(1.5, (half + 1) / Math.abs(left.x));
  return [
    alongCurve(
      [
        left,
        { x: left.x * wide * 1.25, y: left.y + low },
        { x: right.x * wide * 1.25, y: right.y + low },
        right,
      ],
      (t) => half * (0.6 + 0.4 * Math.sin(Math.PI * t)),
      { from: from / tied.length, to: to / tied.length },
    ),
  ];
};

/** Round after round of something narrow, each a little aslant and over the one before. */
export const woundRound: Lay = ({ from, to }, { tied, seat }) => {
  const [begin, end] = seat.along;
  const long = Math.hypot(end.x - begin.x, end.y - begin.y);
  const way = { x: (end.x - begin.x) / long, y: (end.y - begin.y) / long };
  const half = Math.abs(seat.right.x - seat.left.x) / 2;
  const rounds = Math.max(2, Math.min(7, Math.ceil(tied.spec.wraps)));
  const step = long / rounds;
  const tall = Math.min(tied.width * 0.42, step * 0.72);
  return Array.from({ length: rounds }, (_, i): Strip => {
    const at = between(begin, end, (i + 0.5) / rounds);
    const spot = (out: number, down: number): Spot => ({
      x: at.x - way.y * out * -1 + way.x * down,
      y: at.y - way.x * out + way.y * down,
    });
    const share = (k: number) => (from + ((to - from) * k) / rounds) / tied.length;
    return alongCurve(
      [
        spot(-half, -step * 0.32),
        spot(-half * 0.3, step * 0.02),
        spot(half * 0.4, step * 0.2),
        spot(half, step * 0.3),
      ],
      (t) => tall * (0.86 + 0.14 * Math.sin(Math.PI * t)),
      { from: share(i), to: share(i + 0.5) },
    );
  });
};

/** A short stretch that runs across the knot, seen within its round. */
export const knot: Lay = ({ from, to }, { tied, seat: { knot: at } }) => {
  const r = knotRadius(tied);
  const strip = alongCurve(
    [
      { x: at.x - r.x, y: at.y },
      { x: at.x - r.x / 3, y: at.y },
      { x: at.x + r.x / 3, y: at.y },
      { x: at.x + r.x, y: at.y },
    ],
    () => r.y,
    { from: from / tied.length, to: to / tied.length },
  );
  const [left, right, high, low] = [at.x - r.x, at.x + r.x, at.y - r.y * 1.15, at.y + r.y * 1.15];
  return [
    {
      ...strip,
      within: `M${left} ${at.y}C${left} ${high} ${right} ${high} ${right} ${at.y}C${right} ${low} ${left} ${low} ${left} ${at.y}Z`,
    },
  ];
};

/** Half the width and height of a knot as it is seen. */
export function knotRadius({ knot: { from } }: Pick<Tied, "knot">): Spot {
  return { x: Math.max(1.6, from * 1.2), y: Math.max(1.3, from * 0.98) };
}
