import type { Frame } from "../frame";
import { heightsBetween, type Point } from "../path";

/** A circumference as half a width when worn: between round (0.16) and laid flat (0.25). */
export const wornHalf = 0.2;

/** How far a top stands off the body on each side, cm, by the girth it was cut to. */
export function topEase(bodyGirth: number, bust: number): number {
  return Math.max(0.5, Math.min(4, (bodyGirth - bust) * 0.11));
}

/** The greater of two widths, with a rounded corner of `round` cm where one takes over from the other. */
export function smoothMax(one: number, other: number, round = 1): number {
  return (one + other + Math.sqrt((one - other) ** 2 + round * round)) / 2;
}

/** From 0 to 1 as `at` goes from one place to another, without a corner at either end. */
export function ramp(at: number, from: number, to: number): number {
  const share = Math.min(1, Math.max(0, (at - from) / (to - from)));
  return share * share * (3 - 2 * share);
}

/**
 * The side of an upper garment from the armpit to its hem. Cloth bridges the hollow of the waist, the more the looser
 * it is: from its widest place it comes in by no more than its ease lets it.
 */
export function sideEdge(frame: Frame, hem: number, ease: number): Point[] {
  const { armpit } = frame;
  const follows = Math.max(0.04, 0.55 - ease * 0.2);
  let { x } = armpit;
  let last = armpit.height;
  return heightsBetween(armpit.height, Math.min(armpit.height - 2, hem), 0.036 * frame.body.height).map(
    (h) => {
      x = smoothMax(frame.trunk(h), x - (last - h) * follows, 0.6);
      last = h;
      return { x: x + ease, h };
    },
  );
}

/** Where the sleeve is set in, from the shoulder's point to the armpit. */
export function armhole(frame: Frame, ease: number): Point[] {
  const { height: H, measures } = frame.body;
  const shoulder = measures.shoulder.cm;
  const { shoulderHalf: half, armpit } = frame;
  return [
    { x: half * 0.885 + ease * 0.3, h: shoulder + 0.0035 * H + ease * 0.2 },
    { x: half * 0.87, h: shoulder - 0.025 * H },
    { x: (half * 0.87 + armpit.x) / 2, h: shoulder - 0.048 * H },
    { x: armpit.x + ease, h: armpit.height },
  ];
}
