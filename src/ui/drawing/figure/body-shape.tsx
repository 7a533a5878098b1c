import type { Colouring } from "@/core/piece/client";
import { armEdges, armPath, legEdges, legPath, rightOf } from "./limbs";
import type { Frame } from "./frame";
import { drawnColouring } from "./drawn-colouring";
import { footOf, handOf } from "./hands-and-feet";
import { BehindHead, Head, ShadowUnderChin } from "./head";
import { heightsBetween, mirrored, shadeAlong, type Point } from "./path";
import { Silhouette } from "./silhouette";

/** The line around skin: a brown that is seen on every tone of it. */
const line = "#6d5040";

interface BodyShapeProps {
  /** Unique in the drawing. */
  readonly id: string;
  readonly frame: Frame;
  readonly colouring: Colouring;
  /** Shoes will be drawn over the feet. */
  readonly shod?: boolean;
}

/** The body: skin in its own tone, one soft shadow, hands and feet at rest, a quiet face. */
export function BodyShape({ id, frame, colouring, shod = false }: BodyShapeProps) {
  const drawn = drawnColouring(colouring);
  const { body, armpit } = frame;
  const H = body.height;
  const m = (name: keyof typeof body.measures) => body.measures[name].cm;
  const trunk: Point[] = [
    ...shoulderLine(frame),
    // Within the arm, so that the slope runs on into its cap.
    { x: frame.shoulderHalf * 0.96, h: m("shoulder") - 0.004 * H },
    { x: frame.shoulderHalf * 0.96, h: m("shoulder") - 0.03 * H },
    ...heightsBetween(armpit.height, m("crotch"), 0.036 * H).map((h) => ({ x: frame.trunk(h), h })),
  ];
  const sides = [1, -1];
  const hands = sides.map((side) => handOf(frame, side));
  const feet = sides.map((side) => footOf(frame, side, shod));
  return (
    <g>
      <BehindHead frame={frame} colouring={drawn} />
      <Silhouette
        id={id}
        fill={drawn.skin}
        line={line}
        width={0.3}
        shades={shadesOf(frame)}
        parts={[
          mirrored(trunk),
          ...sides.map((side) => legPath(frame, side, { from: 0.047 * H, to: m("hipLine") })),
          ...feet.map(({ outline }) => outline),
          ...sides.map((side) => armPath(frame, side)),
          ...hands.map(({ outline }) => outline),
        ]}
      >
        <g fill="none" stroke={line} strokeWidth={0.26} strokeLinecap="round" strokeOpacity={0.8}>
          {[...hands.flatMap(({ fingers }) => fingers), ...feet.flatMap(({ toes }) => toes)].map((d) => (
            <path key={d} d={d} />
          ))}
        </g>
        <ShadowUnderChin frame={frame} />
      </Silhouette>
      <Head frame={frame} colouring={drawn} line={line} />
    </g>
  );
}

/** The side away from the light: of the trunk, of each arm and of each leg. */
function shadesOf(frame: Frame): string[] {
  const { height: H, measures } = frame.body;
  const leg = legEdges(frame, 0.05 * H, measures.crotch.cm - 1);
  const arm = armEdges(frame);
  const trunk = heightsBetween(frame.armpit.height, measures.crotch.cm, 0.05 * H).map((h) => ({
    x: frame.trunk(h),
    h,
  }));
  return [
    shadeAlong(trunk, frame.armpit.x * 0.24),
    ...[1, -1].flatMap((side) => [
      shadeAlong(rightOf(leg, side), frame.legHalf(measures.kneeLine.cm) * 0.55),
      shadeAlong(rightOf(arm, side).slice(side > 0 ? 2 : 0), frame.armHalf(measures.elbow.cm) * 0.6),
    ]),
  ];
}

/** From the neck under the chin over the shoulder's slope to the shoulder point. */
export function shoulderLine(frame: Frame, ease = 0): Point[] {
  const { measures } = frame.body;
  const neck = measures.neckPoint.cm;
  const shoulder = measures.shoulder.cm;
  return [
    { x: frame.neckHalf, h: measures.chin.cm + 4 },
    { x: frame.neckHalf * 1.02, h: neck + 1.6 },
    { x: frame.neckHalf * 1.5 + ease, h: neck - (neck - shoulder) * 0.3 + ease },
    { x: frame.shoulderHalf * 0.76 + ease, h: shoulder + (neck - shoulder) * 0.36 + ease },
    { x: frame.shoulderHalf * 0.885 + ease, h: shoulder + 0.0035 * frame.body.height + ease },
  ];
}
