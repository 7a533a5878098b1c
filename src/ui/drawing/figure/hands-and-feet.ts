import type { Frame } from "./frame";
import { across, curve, type Point } from "./path";

/* Points are shares of the height of a standing body: (distance from the plumb line, height above the floor). */
type Share = readonly [x: number, h: number];

/** A relaxed hand from the outer side of the wrist round the fingers to the thumb and back to the wrist. */
const hand = {
  wrist: { x: 0.1368, h: 0.487, half: 0.0093 },
  outline: [
    [0.146, 0.491],
    [0.1468, 0.48],
    [0.1485, 0.47],
    [0.152, 0.455],
    [0.1535, 0.436],
    [0.1535, 0.418],
    [0.152, 0.402],
    [0.1495, 0.39],
    [0.1465, 0.3845],
    [0.144, 0.3865],
    [0.1425, 0.393],
    [0.1412, 0.408],
    [0.14, 0.4195],
    [0.1385, 0.4285],
    [0.1365, 0.43],
    [0.1352, 0.4235],
    [0.1338, 0.415],
    [0.1318, 0.413],
    [0.1304, 0.4185],
    [0.1302, 0.433],
    [0.1308, 0.452],
    [0.1292, 0.472],
    [0.1276, 0.491],
  ],
  fingers: [
    [
      [0.1455, 0.43],
      [0.1458, 0.415],
      [0.1452, 0.396],
    ],
    [
      [0.1495, 0.432],
      [0.15, 0.417],
      [0.1492, 0.402],
    ],
  ],
} as const;

/**
 * How much broader than the trade's figure something is at a height: at the joint exactly as the limb is there, and
 * from the second height on by the root of that, as strong wrists and ankles have hands and feet only a little broader.
 */
function broader(atJoint: number, [joint, end]: readonly [joint: number, end: number]) {
  return (h: number) => {
    const share = Math.min(1, Math.max(0, (joint - h) / (joint - end)));
    return atJoint + (Math.sqrt(atJoint) - atJoint) * share;
  };
}

/** One hand, and the lines that tell its fingers apart. */
export function handOf(frame: Frame, side: number) {
  const { height: H } = frame.body;
  const { x, height } = frame.wrist;
  const broad = broader(frame.armHalf(height) / (hand.wrist.half * H), [hand.wrist.h, 0.455]);
  const lay = (points: readonly Share[]): Point[] => {
    const laid = points.map(([px, ph]) => ({
      x: x + (px - hand.wrist.x) * H * broad(ph),
      h: height + (ph - hand.wrist.h) * H,
    }));
    return side > 0 ? laid : across(laid);
  };
  return {
    outline: `${curve(lay(hand.outline))} Z`,
    fingers: hand.fingers.map((finger) => curve(lay(finger))),
  };
}

/** A bare foot from the front, turned a little out: from the outer ankle round the toes to the inner. */
const foot = {
  axis: 0.0449,
  half: 0.0087,
  ankle: 0.05,
  outline: [
    [0.0535, 0.05],
    [0.0545, 0.04],
    [0.0585, 0.029],
    [0.0645, 0.019],
    [0.069, 0.01],
    [0.0672, 0.003],
    [0.056, 0],
    [0.044, 0.0008],
    [0.0365, 0.0055],
    [0.0345, 0.016],
    [0.0358, 0.032],
    [0.0362, 0.05],
  ],
  toes: [
    [
      [0.0435, 0.0075],
      [0.0432, 0.003],
    ],
    [
      [0.05, 0.0082],
      [0.0503, 0.0032],
    ],
    [
      [0.056, 0.0084],
      [0.0567, 0.0036],
    ],
    [
      [0.0612, 0.0086],
      [0.0622, 0.0042],
    ],
  ],
} as const;

/** A shoe holds the foot together: no skin stands beside it. */
const withinShoe = 0.68;

/** One foot, and the lines between its toes. */
export function footOf(frame: Frame, side: number, shod: boolean) {
  const { height: H } = frame.body;
  const axis = frame.legAxis(0);
  const broad = broader(frame.legHalf(foot.ankle * H) / (foot.half * H), [foot.ankle, 0.03]);
  const lay = (points: readonly Share[]): Point[] => {
    const laid = points.map(([px, ph]) => ({
      x: axis + (px - foot.axis) * H * broad(ph) * (shod && ph < foot.ankle ? withinShoe : 1),
      h: ph * H,
    }));
    return side > 0 ? laid : across(laid);
  };
  const toes = shod ? [] : foot.toes.map((toe) => curve(lay(toe)));
  return { outline: `${curve(lay(foot.outline))} Z`, toes };
}
