import type { LengthTaken, TiePart } from "./define-tie";

/** Where what goes round lies along the length: between the two halves of the knot. */
function rounds({ length, tail, knot }: LengthTaken) {
  return { from: tail + knot / 2, to: length - tail - knot / 2 };
}

/** Round from behind, with the knot in front and both tails down. */
export function showsKnotInFront(taken: LengthTaken): TiePart[] {
  const { length, round, tail } = taken;
  const { from, to } = rounds(taken);
  return [
    { place: "round left", from, to: from + round / 4, open: 0.8 },
    { place: "round right", from: to - round / 4, to, open: 0.8 },
    { place: "tail left", from: 0, to: tail, open: 1 },
    { place: "tail right", from: length - tail, to: length, open: 1 },
    { place: "knot", from: tail, to: from, open: 0.3 },
  ];
}

/** Twice round, the second time over the first, with the knot in front. */
export function showsTwiceRoundInFront(taken: LengthTaken): TiePart[] {
  const middle = taken.length / 2;
  return [
    { place: "upper round", from: middle - taken.round / 4, to: middle + taken.round / 4, open: 0.6 },
    ...showsKnotInFront(taken),
  ];
}

/** A band across the front; what holds it lies behind. */
export function showsHeldBehind({ length, round }: LengthTaken): TiePart[] {
  const middle = length / 2;
  return [{ place: "across", from: middle - round / 4, to: middle + round / 4, open: 1 }];
}

/** A band across the front with the knot at one side and its tails there. */
export function showsKnotAside(taken: LengthTaken): TiePart[] {
  const { length, round, tail } = taken;
  const { from } = rounds(taken);
  return [
    { place: "across", from, to: from + round / 2, open: 1 },
    { place: "tail left", from: 0, to: tail, open: 1 },
    { place: "tail right", from: length - tail, to: length, open: 1 },
    { place: "knot", from: tail, to: from, open: 0.3 },
  ];
}

/** The part of a triangle's long edge at either end that goes behind. */
const behind = 0.14;

/** A triangle with its point over the chest and its ends behind. */
export function showsPointInFront({ length }: LengthTaken): TiePart[] {
  // What lies nearer to its ends goes round the neck and is not seen.
  return [{ place: "point", from: length * behind, to: length * (1 - behind), open: 1 }];
}

/** A triangle whose ends go round and come to the front again over its point. */
export function showsPointWrapped(taken: LengthTaken): TiePart[] {
  const { length, tail } = taken;
  return [
    ...showsPointInFront(taken),
    { place: "tail left", from: 0, to: tail, open: 0.8 },
    { place: "tail right", from: length - tail, to: length, open: 0.8 },
    { place: "knot", from: tail, to: tail + taken.knot / 2, open: 0.3 },
  ];
}

/** A triangle with its point to one side, its ends knotted over the other shoulder. */
export function showsPointAside(taken: LengthTaken): TiePart[] {
  return showsPointInFront(taken).map((part) => ({ ...part, place: "point aside" }));
}

/** Laid round the neck with both ends hanging down the front. */
export function showsHanging({ length, round }: LengthTaken): TiePart[] {
  const middle = length / 2;
  return [
    { place: "hang left", from: 0, to: middle - round / 4, open: 1 },
    { place: "hang right", from: middle + round / 4, to: length, open: 1 },
  ];
}

/** Once round and both ends down the front, one longer than the other. */
export function showsRoundAndHanging({ length, round }: LengthTaken): TiePart[] {
  const middle = length * 0.45;
  return [
    { place: "across", from: middle - round / 4, to: middle + round / 4, open: 0.9 },
    { place: "hang left", from: 0, to: Math.max(0, middle - round * 0.75), open: 1 },
    { place: "hang right", from: Math.min(length, middle + round * 0.75), to: length, open: 1 },
  ];
}

/** Taken double, both ends through the loop that the fold makes. */
export function showsThroughItsLoop({ length, round, tail }: LengthTaken): TiePart[] {
  return [
    { place: "across", from: length - round / 2, to: length, open: 0.8 },
    { place: "knot", from: length * 0.9, to: length, open: 0.4 },
    { place: "tail left", from: 0, to: tail, open: 1 },
    { place: "tail right", from: 0, to: tail * 0.9, open: 1 },
  ];
}

/** Both ends drawn through a ring in front. */
export function showsThroughRing(taken: LengthTaken): TiePart[] {
  return [
    ...showsKnotInFront(taken).filter(({ place }) => place !== "knot"),
    { place: "ring", from: taken.tail, to: taken.tail + 0.1, open: 0 },
  ];
}

/** Spread over the shoulders and held in front. */
export function showsOverShoulders({ length }: LengthTaken): TiePart[] {
  return [{ place: "shawl", from: 0, to: length, open: 1 }];
}

/** A bow: two loops and two tails at a knot, with the band behind it. */
export function showsBow(taken: LengthTaken): TiePart[] {
  const { length, round, tail } = taken;
  const loop = tail / 2;
  return [
    { place: "round left", from: tail + taken.knot / 2, to: tail + taken.knot / 2 + round / 4, open: 0.8 },
    {
      place: "round right",
      from: length - tail - taken.knot / 2 - round / 4,
      to: length - tail - taken.knot / 2,
      open: 0.8,
    },
    { place: "loop left", from: loop, to: tail, open: 0.7 },
    { place: "loop right", from: length - tail, to: length - loop, open: 0.7 },
    { place: "tail left", from: 0, to: loop, open: 1 },
    { place: "tail right", from: length - loop, to: length, open: 1 },
    { place: "knot", from: length / 2 - 1, to: length / 2 + 1, open: 0.3 },
  ];
}

/** The longest end that is left to fall from what is wound round something narrow, cm: the rest goes round too. */
const leftToFall = 8;

/** Wound round and round something narrow, with a short end to either side. */
export function showsWound({ length, tail }: LengthTaken): TiePart[] {
  const end = Math.min(tail, leftToFall);
  return [
    { place: "wound round", from: end, to: length - end, open: 0.6 },
    { place: "tail left", from: 0, to: end, open: 1 },
    { place: "tail right", from: length - end, to: length, open: 1 },
  ];
}

/** Wound round and round something narrow, both ends tucked under. */
export function showsWoundAndTucked({ length, tail }: LengthTaken): TiePart[] {
  const end = Math.min(tail, leftToFall);
  return [{ place: "wound round", from: end, to: length - end, open: 0.6 }];
}

/** Drawn through something narrow by its middle, both halves falling. */
export function showsDrawnThrough({ length, round }: LengthTaken): TiePart[] {
  const middle = length / 2;
  return [
    { place: "tail left", from: 0, to: middle - round / 2, open: 1 },
    { place: "tail right", from: middle + round / 2, to: length, open: 1 },
    { place: "knot", from: middle - round / 2, to: middle + round / 2, open: 0.3 },
  ];
}

/** Round from behind, the ends crossed over the chest. */
export function showsCrossed({ length, round }: LengthTaken): TiePart[] {
  const middle = length / 2;
  const seen = Math.min(length / 2 - round / 4, crossing);
  return [
    { place: "crossed left", from: middle - round / 4 - seen, to: middle - round / 4, open: 0.9 },
    { place: "crossed right", from: middle + round / 4, to: middle + round / 4 + seen, open: 0.9 },
  ];
}

/** How much of an end is seen where two cross over the chest, cm. */
const crossing = 34;

/** A closed loop hung round the neck: down one side and up the other. */
export function showsHungLoop({ length, round }: LengthTaken): TiePart[] {
  return [{ place: "hung loop", from: round / 4, to: length - round / 4, open: 1 }];
}

/** A closed loop twice round: the second round lies lower than the first. */
export function showsTwoRounds({ length, round }: LengthTaken): TiePart[] {
  return [
    { place: "upper round", from: length * 0.25 - round / 4, to: length * 0.25 + round / 4, open: 0.7 },
    { place: "across", from: length * 0.75 - round / 4, to: length * 0.75 + round / 4, open: 1 },
  ];
}

/** A triangle over the head: its long edge round the face, its ends knotted under the chin, its point behind. */
export function showsOverHead({ length, tail, knot }: LengthTaken): TiePart[] {
  const end = tail + knot / 2;
  return [
    { place: "over the head", from: end, to: length - end, open: 0.8 },
    { place: "tail left", from: 0, to: tail, open: 0.8 },
    { place: "tail right", from: length - tail, to: length, open: 0.8 },
    { place: "knot", from: tail, to: end, open: 0.3 },
  ];
}

/** Spread round the bust and held behind. */
export function showsRoundTheBust({ length, round }: LengthTaken): TiePart[] {
  const middle = length / 2;
  return [{ place: "round the bust", from: middle - round / 4, to: middle + round / 4, open: 1 }];
}

/** A triangle with its point at the throat and its long edge round the waist. */
export function showsHalter({ length }: LengthTaken): TiePart[] {
  return [{ place: "front of a halter", from: length * behind, to: length * (1 - behind), open: 1 }];
}

/** Over one shoulder and under the other arm. */
export function showsOverOneShoulder({ length }: LengthTaken): TiePart[] {
  return [{ place: "over one shoulder", from: length * behind, to: length * (1 - behind), open: 1 }];
}

/** Two armholes knotted into a folded cloth: two short fronts and what lies over the shoulders. */
export function showsShortJacket({ length }: LengthTaken): TiePart[] {
  return [{ place: "short jacket", from: 0, to: length, open: 1 }];
}
