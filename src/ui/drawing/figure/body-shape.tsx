import type { Colouring } from "@/core/piece/client";
import type { Frame } from "./frame";
import { across, band, mirrored, type Point } from "./path";

const ink = "#6b6b6b";

/** The body, plain: skin in its own tone, hair as one shape, no face. */
export function BodyShape({ frame, colouring }: { readonly frame: Frame; readonly colouring: Colouring }) {
  const { body } = frame;
  const H = body.height;
  const m = (name: keyof typeof body.measures) => body.measures[name].cm;
  const trunk: Point[] = [
    { x: frame.neckHalf, h: m("neckPoint") + 2 },
    { x: frame.neckHalf * 1.15, h: m("neckPoint") },
    { x: frame.shoulderHalf * 0.94, h: m("shoulder") },
    { x: frame.trunk(m("shoulder") - 0.06 * H), h: m("shoulder") - 0.07 * H },
    { x: frame.trunk(m("bustLine")), h: m("bustLine") },
    { x: frame.trunk(m("waistLine")), h: m("waistLine") },
    { x: frame.trunk(m("hipLine")), h: m("hipLine") },
    { x: frame.trunk(m("crotch")), h: m("crotch") },
  ];
  const shared = { fill: colouring.skin, stroke: ink, strokeWidth: 0.3, strokeLinejoin: "round" as const };
  return (
    <g>
      <path d={hairBehind(H)} fill={colouring.hair} />
      {[1, -1].map((side) => (
        <path key={side} d={legPath(frame, side, 0, m("crotch"))} {...shared} />
      ))}
      {[1, -1].map((side) => (
        <path key={side} d={armPath(frame, side)} {...shared} />
      ))}
      <path d={mirrored(trunk)} {...shared} />
      <path
        d={`M ${-frame.neckHalf} ${-(m("neckPoint") + 1)} L ${-frame.neckHalf * 0.92} ${-m("chin") - 1} L ${frame.neckHalf * 0.92} ${-m("chin") - 1} L ${frame.neckHalf} ${-(m("neckPoint") + 1)}`}
        fill={colouring.skin}
      />
      <ellipse cx={0} cy={-0.934 * H} rx={0.0445 * H} ry={0.064 * H} {...shared} />
      <path d={hairFront(H)} fill={colouring.hair} />
    </g>
  );
}

/** One leg between two heights, the foot left to the shoe. */
export function legPath(frame: Frame, side: number, from: number, to: number, ease = 0): string {
  const heights = [to, ...legStops(frame).filter((h) => h < to && h > from), from];
  const outer = heights.map((h) => ({ x: frame.legAxis(h) + frame.legHalf(h) + ease, h }));
  const inner = heights.map((h) => ({ x: Math.max(0.15, frame.legAxis(h) - frame.legHalf(h) - ease), h }));
  return side > 0 ? band(outer, inner) : band(across(outer), across(inner));
}

function legStops({ body }: Frame): number[] {
  const H = body.height;
  const m = body.measures;
  return [
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

/** One arm with its hand. */
export function armPath(frame: Frame, side: number, ease = 0, to = 0): string {
  const stops = frame.arm.filter((stop) => stop.height >= to);
  const H = frame.body.height;
  const hand = [
    { x: frame.wrist.x + 0.014 * H, height: frame.wrist.height - 0.04 * H, half: 0.018 * H },
    { x: frame.wrist.x + 0.01 * H, height: frame.wrist.height - 0.098 * H, half: 0.006 * H },
  ];
  const all = to > 0 ? [...stops, cutAt(frame, to)] : [...stops, ...hand];
  const outer = all.map((stop) => ({ x: stop.x + stop.half + ease, h: stop.height }));
  const inner = all.map((stop) => ({ x: stop.x - stop.half - ease, h: stop.height }));
  return side > 0 ? band(outer, inner) : band(across(outer), across(inner));
}

function cutAt(frame: Frame, height: number) {
  const { arm } = frame;
  const below = arm.findIndex((stop) => stop.height < height);
  const a = arm[Math.max(0, below - 1)];
  const b = arm[below] ?? a;
  if (!a || !b || a === b) return { ...frame.wrist, half: 2.6, height };
  const t = (a.height - height) / (a.height - b.height);
  return { x: a.x + (b.x - a.x) * t, half: a.half + (b.half - a.half) * t, height };
}

function hairBehind(H: number): string {
  const r = 0.052 * H;
  return `M ${-r} ${-0.925 * H} C ${-r * 1.05} ${-1.02 * H} ${r * 1.05} ${-1.02 * H} ${r} ${-0.925 * H} L ${r * 0.92} ${-0.878 * H} Q 0 ${-0.862 * H} ${-r * 0.92} ${-0.878 * H} Z`;
}

function hairFront(H: number): string {
  const r = 0.0455 * H;
  return `M ${-r} ${-0.93 * H} C ${-r} ${-1.012 * H} ${r} ${-1.012 * H} ${r} ${-0.93 * H} C ${r * 0.86} ${-0.962 * H} ${r * 0.3} ${-0.972 * H} ${-r * 0.2} ${-0.97 * H} C ${-r * 0.6} ${-0.965 * H} ${-r * 0.85} ${-0.95 * H} ${-r} ${-0.93 * H} Z`;
}
