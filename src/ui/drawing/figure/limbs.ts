import type { Frame } from "./frame";
import { across, band } from "./path";

/** One leg between two heights, both above the foot. */
export function legPath(frame: Frame, side: number, from: number, to: number, ease = 0): string {
  const crotch = frame.body.measures.crotch.cm;
  const heights = [to, ...legStops(frame).filter((h) => h < to && h > from), from];
  const outer = heights.map((h) => ({
    x:
      h > crotch
        ? frame.trunk(h) + ease
        : Math.max(frame.legAxis(h) + frame.legHalf(h), h > crotch - 8 ? frame.trunk(crotch) * 0.97 : 0) +
          ease,
    h,
  }));
  const inner = heights.map((h) => ({
    x: h >= crotch ? 0 : Math.max(0.2, frame.legAxis(h) - frame.legHalf(h) - ease),
    h,
  }));
  return side > 0 ? band(outer, inner) : band(across(outer), across(inner));
}

function legStops({ body }: Frame): number[] {
  const H = body.height;
  const m = body.measures;
  return [
    m.crotch.cm,
    0.44 * H,
    0.405 * H,
    0.34 * H,
    m.kneeLine.cm,
    0.245 * H,
    m.calfLine.cm,
    0.14 * H,
    0.095 * H,
    0.061 * H,
    m.ankleBone.cm,
  ];
}

/** The shoulder's cap is a quarter of an ellipse: where on it the arm's outline is taken, as angles from the top. */
const cap = [0, 0.35, 0.7, 1.05, 1.3];

/** One arm from the shoulder down to a height, by default the wrist. */
export function armPath(frame: Frame, side: number, ease = 0, to = frame.wrist.height): string {
  const { measures, height: H } = frame.body;
  const shoulder = measures.shoulder.cm;
  const stops = [
    shoulder - 0.03 * H,
    frame.armpit.height,
    shoulder - 0.12 * H,
    measures.elbow.cm + 0.02 * H,
    measures.elbow.cm - 0.05 * H,
  ];
  const heights = [...stops.filter((h) => h > to + 1.5), to];
  const outerAt = (h: number) => frame.armAxis(h) + frame.armHalf(h);
  const top = { x: frame.shoulderHalf * 0.84 + ease * 0.5, h: shoulder + 1 + ease * 0.25 };
  const outer = [
    ...cap.map((turn) => ({
      x: top.x + (outerAt(frame.armpit.height) + ease - top.x) * Math.sin(turn),
      h: frame.armpit.height + (top.h - frame.armpit.height) * Math.cos(turn),
    })),
    ...heights.slice(1).map((h) => ({ x: outerAt(h) + ease, h })),
  ];
  const inner = [
    { x: frame.shoulderHalf * 0.55, h: shoulder - 1 },
    ...heights
      .filter((h) => h <= frame.armpit.height)
      .map((h) => ({ x: frame.armAxis(h) - frame.armHalf(h) - ease, h })),
  ];
  return side > 0 ? band(outer, inner) : band(across(outer), across(inner));
}
