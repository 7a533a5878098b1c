import type { Frame } from "./frame";
import { arc, heightsBetween, onSide, outline, type Point } from "./path";

/** Both edges of a limb from its top down, for the right of the picture. */
export interface LimbEdges {
  readonly outer: readonly Point[];
  readonly inner: readonly Point[];
}

/** A leg between two heights, both above the foot; `ease` is how far cloth stands off it. */
export function legEdges(frame: Frame, from: number, to: number, ease = 0): LimbEdges {
  const crotch = frame.body.measures.crotch.cm;
  const heights = heightsBetween(to, from, 0.042 * frame.body.height);
  return {
    outer: heights.map((h) => ({ x: legOuter(frame, h) + ease, h })),
    inner: heights.map((h) => ({
      x: h >= crotch ? 0 : Math.max(0.2, frame.legAxis(h) - frame.legHalf(h) - ease),
      h,
    })),
  };
}

/** How far below the crotch the hip's curve has run out into the thigh's, as a share of the height. */
const hipRunsOut = 0.09;

/** The outer edge of hip and leg in one curve. */
export function legOuter(frame: Frame, h: number): number {
  const crotch = frame.body.measures.crotch.cm;
  if (h >= crotch) return frame.trunk(h);
  const leg = frame.legAxis(h) + frame.legHalf(h);
  const share = Math.min(1, (crotch - h) / (hipRunsOut * frame.body.height));
  const blend = share * share * (3 - 2 * share);
  return Math.max(leg, frame.trunk(crotch) * (1 - blend) + leg * blend);
}

interface Span {
  readonly from: number;
  readonly to: number;
}

/** One leg between two heights as a closed path. */
export function legPath(frame: Frame, side: number, { from, to }: Span, ease = 0): string {
  const { outer, inner } = legEdges(frame, from, to, ease);
  return outline(onSide(side, outer), onSide(side, [...inner].reverse()));
}

/**
 * The round of the shoulder from its point down to the armpit: heights above the shoulder point as shares of the
 * body's height, and how much of the way from the slope's end to the arm's full width is reached there.
 */
const cap = [
  { up: 0.0035, out: 0 },
  { up: -0.01, out: 0.56 },
  { up: -0.033, out: 0.86 },
] as const;

/** An arm from the shoulder down to a height, by default the wrist; `ease` is how far cloth stands off it. */
export function armEdges(frame: Frame, ease = 0, to = frame.wrist.height, raised = 0): LimbEdges {
  const { measures, height: H } = frame.body;
  const shoulder = measures.shoulder.cm;
  const armpit = frame.armpit.height;
  const outerAt = (h: number) => frame.armAxis(h) + frame.armHalf(h) + ease;
  const start = frame.shoulderHalf * 0.885;
  const heights = heightsBetween(armpit, Math.min(armpit - 1, to), 0.055 * H);
  return {
    outer: [
      ...cap.map(({ up, out }) => ({
        x: start + (outerAt(armpit) - start) * out,
        h: shoulder + up * H + ease * 0.2 * (1 - out) + raised * (1 - out),
      })),
      ...heights.map((h) => ({ x: outerAt(h), h })),
    ],
    inner: heights.map((h) => ({ x: frame.armAxis(h) - frame.armHalf(h) - ease, h })),
  };
}

/** One arm as a closed path; it begins within the trunk, so that the shoulder is one slope. */
export function armPath(frame: Frame, side: number, edges: LimbEdges = armEdges(frame), sag = 0): string {
  const { outer, inner } = edges;
  const [end, back] = [outer[outer.length - 1], inner[inner.length - 1]];
  if (!end || !back) return "";
  const root = { x: frame.shoulderHalf * 0.55, h: frame.body.measures.shoulder.cm - 1 };
  return outline(
    onSide(side, outer),
    onSide(side, arc(end, back, sag)),
    onSide(side, [...inner].reverse()),
    onSide(side, [root]),
  );
}

/** The edge of a limb that is its right one in the picture, away from the light. */
export function rightOf({ outer, inner }: LimbEdges, side: number): Point[] {
  return side > 0 ? [...outer] : onSide(side, inner);
}

/** The edge of a limb that is its left one in the picture, towards the light. */
export function leftOf({ outer, inner }: LimbEdges, side: number): Point[] {
  return side > 0 ? [...inner] : onSide(side, outer);
}
