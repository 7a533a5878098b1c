import { coverAt } from "../figure/head";
import { between, onLine, type Lay, type Laying } from "./laying";
import type { Spot, Strip } from "./strip";

interface Shares {
  readonly from: number;
  readonly to: number;
}

/**
 * Cloth spread between two lines: its upper edge lies on the one and its lower edge on the other, wherever along the
 * folded length; so the lines alone say what it looks like, and its picture fills them.
 */
function spreadBetween(
  { tied, edges }: Laying,
  { from, to }: Shares,
  upper: readonly Spot[],
  lower: readonly Spot[],
): Strip {
  const shares = { from: from / tied.length, to: to / tied.length };
  return {
    ...shares,
    spread: true,
    place(along, across) {
      const [low, high] = edges(shares.from + (shares.to - shares.from) * along);
      const down = high - low < 1e-4 ? 0 : Math.min(1, Math.max(0, (high - across) / (high - low)));
      return between(onLine(upper, along), onLine(lower, along), down);
    },
  };
}

const onOtherSide = (points: readonly Spot[]) => points.map(({ x, y }) => ({ x: -x, y }));
/** A line from the left of the picture to its right, from its right half beginning at the plumb line. */
const bothSides = (right: readonly Spot[]) => [...onOtherSide(right).reverse(), ...right.slice(1)];

/** The greatest fall of a triangle's point, cm. */
const longestFall = 58;

/** A triangle that hangs from the throat by its long edge, its point turned so far (degrees) to a side. */
export const triangle =
  (turned: number): Lay =>
  (part, laying) => {
    const { seat, tied } = laying;
    const fall = Math.min(tied.falls, longestFall) * (turned === 0 ? 1 : 0.78);
    const { right, sag } = seat;
    const top = right.y;
    const turn = (turned * Math.PI) / 180;
    const lean = ({ x, y }: Spot): Spot => ({
      x: x * Math.cos(turn) + (y - top) * Math.sin(turn),
      y: top + (y - top) * Math.cos(turn) - x * Math.sin(turn) * 0.4,
    });
    const upper = bothSides([
      { x: 0, y: top + sag },
      { x: right.x * 0.6, y: top + sag * 0.74 },
      { x: right.x, y: top },
    ]);
    const wide = Math.min(fall * 0.34, right.x * 2.3);
    const lower = bothSides([
      { x: 0, y: top + fall },
      { x: wide * 0.5, y: top + fall * 0.66 },
      { x: wide, y: top + fall * 0.32 },
      { x: right.x + 0.9, y: top + 2.2 },
    ]);
    return [spreadBetween(laying, part, upper, lower.map(lean))];
  };

/** A cloth laid over both shoulders, closed in front: its edge lies round the neck, and it falls over the upper arms. */
export const shawl: Lay = (part, laying) => {
  const { frame, tied, seat } = laying;
  const { shoulder, elbow } = frame.body.measures;
  const out = frame.shoulderHalf + 4;
  const low = Math.min(shoulder.cm - elbow.cm - 6, tied.falls * 0.7);
  const close = { x: 0, y: seat.right.y + 12 };
  const upper = [close, { x: 3.2, y: seat.right.y + 6 }, { x: seat.right.x, y: seat.right.y }];
  const lower = [
    { x: 0, y: -shoulder.cm + low + 13 },
    { x: out * 0.5, y: -shoulder.cm + low + 9 },
    { x: out * 0.98, y: -shoulder.cm + low },
    { x: out, y: -shoulder.cm + 5 },
    { x: frame.shoulderHalf * 0.72, y: -shoulder.cm - 2.6 },
    { x: seat.right.x + 0.6, y: seat.right.y + 0.8 },
  ];
  return bothFronts(laying, part, upper, lower);
};

/** The two fronts of what lies over the shoulders: each from the middle in front up to the side of the neck. */
function bothFronts(
  laying: Laying,
  { from, to }: Shares,
  upper: readonly Spot[],
  lower: readonly Spot[],
): readonly Strip[] {
  const [left, right] = [from + (to - from) * frontShare, to - (to - from) * frontShare];
  return [
    spreadBetween(laying, { from, to: left }, onOtherSide(upper), onOtherSide(lower)),
    spreadBetween(laying, { from: to, to: right }, upper, lower),
  ];
}

/** The part of the length that lies on one side before the neck. */
const frontShare = 0.42;

/** Two armholes knotted into a folded cloth: two open fronts, and short sleeves. */
export const shortJacket: Lay = (part, laying) => {
  const { frame, seat } = laying;
  const { shoulder, bustLine, waistLine } = frame.body.measures;
  const out = frame.armAxis(bustLine.cm) + frame.armHalf(bustLine.cm) + 1.6;
  const bottom = -(bustLine.cm + waistLine.cm) / 2;
  const upper = [
    { x: frame.trunk(bustLine.cm) * 0.62, y: bottom },
    { x: seat.right.x * 1.15, y: -bustLine.cm },
    { x: seat.right.x * 1.02, y: -shoulder.cm - 1 },
    { x: seat.right.x * 0.96, y: seat.right.y + 1 },
  ];
  const lower = [
    { x: frame.trunk(bustLine.cm) * 0.64, y: bottom },
    { x: frame.trunk(bustLine.cm) * 0.98, y: bottom + 1 },
    { x: out, y: -bustLine.cm + 1.5 },
    { x: frame.shoulderHalf + 2, y: -shoulder.cm + 3 },
    { x: frame.shoulderHalf * 0.7, y: -shoulder.cm - 2.4 },
    { x: seat.right.x + 0.4, y: seat.right.y + 1.4 },
  ];
  return bothFronts(laying, part, upper, lower);
};

/** A triangle over the head, closed round the face. */
export const overTheHead: Lay = (part, laying) => {
  const { face, outer } = coverAt(laying.frame);
  return [spreadBetween(laying, part, face, outer)];
};

/** Spread round the bust: as high as it is folded, at most down to the waist. */
export const roundTheBust: Lay = (part, laying) => {
  const { frame, tied } = laying;
  const { bustLine, waistLine } = frame.body.measures;
  const top = bustLine.cm + 7;
  const bottom = Math.max(waistLine.cm, top - tied.width);
  const half = (at: number) => frame.trunk(Math.min(at, frame.armpit.height)) + 0.4;
  const upper = bothSides([
    { x: 0, y: -top + 1 },
    { x: half(top) * 0.55, y: -top - 0.4 },
    { x: half(top), y: -top },
  ]);
  const lower = bothSides([
    { x: 0, y: -bottom + 1.4 },
    { x: half(bottom) * 0.55, y: -bottom + 1.1 },
    { x: half(bottom), y: -bottom },
  ]);
  return [followingSides(spreadBetween(laying, part, upper, lower), laying, [top, bottom])];
};

/** A spread whose two sides follow the trunk between two heights. */
function followingSides(strip: Strip, { frame }: Laying, [top, bottom]: readonly [number, number]): Strip {
  const half = (at: number) => frame.trunk(Math.min(at, frame.armpit.height)) + 0.4;
  return {
    ...strip,
    place(along, across) {
      const at = strip.place(along, across);
      const straight = half(top) + ((half(bottom) - half(top)) * (at.y + top)) / (top - bottom);
      return { x: (at.x * half(-at.y)) / straight, y: at.y };
    },
  };
}

/** A triangle with its point at the throat: its long edge lies round the waist, its sides run from throat to armpit and down. */
export const halter: Lay = ({ from, to }, { frame, tied, edges }) => {
  const { neckPoint, waistLine } = frame.body.measures;
  const [top, bottom] = [neckPoint.cm - 3, waistLine.cm - 1];
  const halfAt = (height: number) => {
    const trunk = frame.trunk(Math.min(height, frame.armpit.height)) + 0.4;
    if (height < frame.armpit.height) return trunk;
    const up = (height - frame.armpit.height) / (top - frame.armpit.height);
    return trunk * (1 - up) ** 1.7 + 2.6 * up ** 0.6;
  };
  const shares = { from: from / tied.length, to: to / tied.length };
  return [
    {
      ...shares,
      spread: true,
      place(along, across) {
        const share = shares.from + (shares.to - shares.from) * along;
        const [low] = edges(share);
        const height = bottom + (top - bottom) * (1 - Math.max(low, across));
        // A triangle's line at this height is as long as the height leaves it: it fills the body from side to side.
        const line = Math.max(0.06, Math.min(1, across));
        const side = Math.max(-1, Math.min(1, (2 * share - 1) / line));
        return { x: side * halfAt(height), y: -height + (1 - side * side) * 0.9 };
      },
    },
  ];
};

/** Over one shoulder and under the other arm, down to the waist. */
export const overOneShoulder: Lay = (part, laying) => {
  const { frame } = laying;
  const { shoulder, waistLine } = frame.body.measures;
  const { armpit } = frame;
  const bottom = -waistLine.cm + 4;
  const upper = [
    { x: -frame.shoulderHalf * 0.74, y: -shoulder.cm - 1.8 },
    { x: -frame.shoulderHalf * 0.42, y: -shoulder.cm - 3 },
    { x: armpit.x * 0.2, y: -armpit.height - 1 },
    { x: armpit.x + 0.4, y: -armpit.height + 5 },
  ];
  const lower = [
    { x: -armpit.x - 0.4, y: -armpit.height },
    { x: -frame.trunk(waistLine.cm) - 1, y: bottom - 6 },
    { x: 0, y: bottom + 2 },
    { x: frame.trunk(waistLine.cm) + 1, y: bottom - 4 },
  ];
  return [spreadBetween(laying, part, upper, lower)];
};
