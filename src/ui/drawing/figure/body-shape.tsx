import type { Colouring } from "@/core/piece/client";
import { armPath, legPath } from "./limbs";
import type { Frame } from "./frame";
import { mirrored, type Point } from "./path";
import { Silhouette } from "./silhouette";

const ink = "#6b6b6b";

/** The body, plain: skin in its own tone, hair as one shape, no face. */
export function BodyShape({ frame, colouring }: { readonly frame: Frame; readonly colouring: Colouring }) {
  const { body, armpit } = frame;
  const H = body.height;
  const m = (name: keyof typeof body.measures) => body.measures[name].cm;
  const trunk: Point[] = [
    ...shoulderLine(frame),
    { x: armpit.x, h: armpit.height },
    { x: frame.trunk(m("bustLine")), h: m("bustLine") },
    { x: frame.trunk(m("waistLine") + 0.05 * H), h: m("waistLine") + 0.05 * H },
    { x: frame.trunk(m("waistLine")), h: m("waistLine") },
    { x: frame.trunk(m("hipLine") + 0.03 * H), h: m("hipLine") + 0.03 * H },
    { x: frame.trunk(m("hipLine")), h: m("hipLine") },
    { x: frame.trunk(m("crotch")), h: m("crotch") },
  ];
  const sides = [1, -1];
  return (
    <g>
      <Silhouette
        fill={colouring.skin}
        line={ink}
        width={0.3}
        parts={[
          mirrored(trunk),
          ...sides.map((side) => legPath(frame, side, 3, m("hipLine"))),
          ...sides.map((side) => footPath(frame, side)),
          ...sides.map((side) => armPath(frame, side)),
          ...sides.map((side) => handPath(frame, side)),
        ]}
      />
      <Head frame={frame} colouring={colouring} />
    </g>
  );
}

/** From the neck under the chin over the shoulder's slope to the shoulder point. */
export function shoulderLine(frame: Frame, ease = 0): Point[] {
  const { measures } = frame.body;
  const neck = measures.neckPoint.cm;
  const shoulder = measures.shoulder.cm;
  return [
    { x: frame.neckHalf, h: measures.chin.cm + 4 },
    { x: frame.neckHalf * 1.02, h: neck + 1.6 },
    { x: frame.neckHalf * 1.5 + ease, h: neck - (neck - shoulder) * 0.42 + ease },
    { x: frame.shoulderHalf * 0.9 + ease, h: shoulder + 0.5 + ease },
  ];
}

/** A bare foot from the front, its toes towards the eye. */
function footPath(frame: Frame, side: number): string {
  const x = (offset: number) => side * (frame.legAxis(0) + offset);
  return (
    `M ${x(-2.3)} -6.5 C ${x(-2.6)} -4 ${x(-3.1)} -2 ${x(-3)} -0.6 Q ${x(-2.8)} 0.5 ${x(-1.4)} 0.5 L ${x(2.4)} 0.5 ` +
    `Q ${x(4.4)} 0.4 ${x(4.1)} -0.9 C ${x(3.7)} -2.6 ${x(2.7)} -4.2 ${x(2.4)} -6.5 Z`
  );
}

function handPath(frame: Frame, side: number): string {
  const H = frame.body.height;
  const { x, height } = frame.wrist;
  const w = frame.armHalf(height);
  const at = (dx: number, down: number) => `${side * (x + dx)} ${-(height - down * H)}`;
  return (
    `M ${at(-w, -0.004)} C ${at(-w - 0.5, 0.02)} ${at(-w - 1.6, 0.03)} ${at(-w - 1.4, 0.052)} Q ${at(-w - 0.4, 0.058)} ${at(-w + 0.4, 0.045)} ` +
    `C ${at(-w + 0.3, 0.075)} ${at(-w + 1, 0.1)} ${at(0.2, 0.104)} C ${at(1.8, 0.1)} ${at(2.6, 0.06)} ${at(w + 0.3, 0.03)} L ${at(w, -0.004)} Z`
  );
}

/** The head as an oval, its hair as a cap: plain, so that the eye goes to the clothes. */
function Head({ frame, colouring }: { readonly frame: Frame; readonly colouring: Colouring }) {
  const H = frame.body.height;
  const chin = frame.body.measures.chin.cm;
  const top = H - 1.4;
  const half = (H - chin) * 0.34;
  const middle = (top + chin) / 2;
  const tall = (top - chin) / 2;
  const hairline = middle + tall * 0.5;
  const ear = middle - tall * 0.08;
  const out = half * 1.1;
  return (
    <g strokeLinejoin="round">
      <path
        d={
          `M ${-out} ${-ear} C ${-out * 1.12} ${-(H + 2.6)} ${out * 1.12} ${-(H + 2.6)} ${out} ${-ear} ` +
          `Q ${out * 0.98} ${-(ear - 4)} ${out * 0.8} ${-(ear - 5.5)} L ${-out * 0.8} ${-(ear - 5.5)} Q ${-out * 0.98} ${-(ear - 4)} ${-out} ${-ear} Z`
        }
        fill={colouring.hair}
      />
      <path
        d={
          `M ${-half} ${-(middle + tall * 0.1)} C ${-half} ${-(top + 0.5)} ${half} ${-(top + 0.5)} ${half} ${-(middle + tall * 0.1)} ` +
          `C ${half} ${-(middle - tall * 0.62)} ${half * 0.5} ${-chin} 0 ${-chin} C ${-half * 0.5} ${-chin} ${-half} ${-(middle - tall * 0.62)} ${-half} ${-(middle + tall * 0.1)} Z`
        }
        fill={colouring.skin}
        stroke={ink}
        strokeWidth={0.3}
      />
      <path
        d={
          `M ${-out * 0.98} ${-ear} C ${-out} ${-(H + 1.8)} ${out} ${-(H + 1.8)} ${out * 0.98} ${-ear} ` +
          `C ${out * 0.86} ${-(hairline - 1)} ${out * 0.5} ${-(hairline + 1.4)} ${-out * 0.1} ${-(hairline + 0.8)} ` +
          `C ${-out * 0.55} ${-(hairline + 0.4)} ${-out * 0.84} ${-(hairline - 2)} ${-out * 0.98} ${-ear} Z`
        }
        fill={colouring.hair}
      />
    </g>
  );
}
