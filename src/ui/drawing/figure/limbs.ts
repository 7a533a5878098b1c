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
  const outer = [
    { x: frame.shoulderHalf * 0.9 + ease * 0.6, h: shoulder + 0.5 + ease * 0.6 },
    { x: frame.shoulderHalf + ease * 0.8, h: shoulder - 1.6 },
    ...heights.slice(1).map((h) => ({ x: frame.armAxis(h) + frame.armHalf(h) + ease, h })),
  ];
  const inner = [
    { x: frame.shoulderHalf * 0.55, h: shoulder - 1 },
    ...heights
      .filter((h) => h <= frame.armpit.height)
      .map((h) => ({ x: frame.armAxis(h) - frame.armHalf(h) - ease, h })),
  ];
  return side > 0 ? band(outer, inner) : band(across(outer), across(inner));
}
