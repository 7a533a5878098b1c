import type { HairForm } from "@/core/piece/client";
import { mixed } from "../cloth/tones";
import type { DrawnColouring } from "./drawn-colouring";
import type { Frame } from "./frame";
import { HairBefore, HairBehind } from "./hair";
import { cutOf, type Share } from "./hair-cuts";
import { roundTheFace } from "./headscarf";
import { across, curve, mirrored, type Point } from "./path";

/*
 * Points are shares of the standing height of a body whose head is a 7.66th of it: (distance from the plumb line,
 * height above the floor). They are laid onto each head by its own chin and crown.
 */
const chinShare = 0.8695;

const skull: readonly Share[] = [
  [0, 1],
  [0.022, 0.9975],
  [0.038, 0.985],
  [0.0455, 0.965],
  [0.0465, 0.945],
  [0.045, 0.925],
  [0.0415, 0.905],
  [0.0345, 0.888],
  [0.0235, 0.876],
  [0.011, 0.8705],
  [0, 0.8695],
];

const ear: readonly Share[] = [
  [0.0455, 0.9455],
  [0.0492, 0.9485],
  [0.0515, 0.943],
  [0.0505, 0.9335],
  [0.048, 0.9235],
  [0.0455, 0.92],
];

const brow: readonly Share[] = [
  [0.0115, 0.948],
  [0.0185, 0.951],
  [0.029, 0.9485],
];
const eye: readonly Share[] = [
  [0.0135, 0.9375],
  [0.0195, 0.9398],
  [0.0265, 0.9375],
];
const nose: readonly Share[] = [
  [0.0035, 0.9365],
  [0.0052, 0.9215],
  [0.0062, 0.9125],
  [0.001, 0.9098],
];
const upperLip: readonly Share[] = [
  [-0.0105, 0.8985],
  [-0.0035, 0.9002],
  [0, 0.8993],
  [0.0035, 0.9002],
  [0.0105, 0.8985],
];
const underLip: readonly Share[] = [
  [-0.0042, 0.893],
  [0, 0.8922],
  [0.0042, 0.893],
];

/** The right of the face, away from the light. */
const shade: readonly Share[] = [
  [0.0455, 0.965],
  [0.0465, 0.945],
  [0.045, 0.925],
  [0.0415, 0.905],
  [0.0345, 0.888],
  [0.0235, 0.876],
  [0.011, 0.8705],
  [0.022, 0.884],
  [0.031, 0.902],
  [0.0352, 0.925],
  [0.0375, 0.95],
];

/** Lines of a face in a darker tone of its skin: a face is indicated, not portrayed. */
const featuresOn = (skin: string) => mixed(skin, "#1a0d08", 0.68);
const lipsOn = (skin: string) => mixed(skin, "#6d2328", 0.6);

interface HeadProps {
  readonly frame: Frame;
  readonly colouring: DrawnColouring;
  readonly line: string;
}

/** What of the hair lies behind head and shoulders: drawn before the body. */
export function BehindHead({ frame, colouring }: Omit<HeadProps, "line">) {
  return <HairBehind form={colouring.hairForm} colour={colouring.hair} lay={onHead(frame)} />;
}

/** The head with a quiet face, ears that earrings hang from, and what of the hair lies over it. */
export function Head({ frame, colouring, line }: HeadProps) {
  const lay = onHead(frame);
  const both = (points: readonly Share[]) => [lay(points), across(lay(points))];
  const thin = { fill: "none", strokeLinecap: "round", strokeLinejoin: "round" } as const;
  const hair = { form: colouring.hairForm, colour: colouring.hair, lay };
  return (
    <g strokeLinejoin="round">
      {both(ear).map((points, i) => (
        <path key={i} d={`${curve(points)} Z`} fill={colouring.skin} stroke={line} strokeWidth={0.28} />
      ))}
      <path d={mirrored(lay(skull))} fill={colouring.skin} stroke={line} strokeWidth={0.3} />
      <path d={`${curve(lay(shade))} Z`} fill="#000" fillOpacity={0.1} />
      <g {...thin} stroke={featuresOn(colouring.skin)} strokeOpacity={0.9}>
        {both(brow).map((points, i) => (
          <path key={i} d={curve(points)} strokeWidth={0.42} />
        ))}
        {both(eye).map((points, i) => (
          <path key={i} d={curve(points)} strokeWidth={0.36} />
        ))}
        <path d={curve(lay(nose))} strokeWidth={0.28} />
      </g>
      <g {...thin} stroke={lipsOn(colouring.skin)} strokeOpacity={0.9}>
        <path d={curve(lay(upperLip))} strokeWidth={0.38} />
        <path d={curve(lay(underLip))} strokeWidth={0.26} />
      </g>
      <HairBefore {...hair} />
    </g>
  );
}

/** What the head lays in shadow of the neck: drawn on the skin, below whatever is worn there. */
export function ShadowUnderChin({ frame }: { readonly frame: Frame }) {
  const chin = frame.body.measures.chin.cm;
  const half = frame.neckHalf;
  const depth = 0.013 * frame.body.height;
  return (
    <path
      d={
        `M ${-half} ${-chin - 1} L ${-half} ${-chin + depth * 0.5} Q ${-half * 0.1} ${-chin + depth * 0.9} ${half * 0.45} ${-chin + depth * 1.6} ` +
        `L ${half} ${-chin + depth * 2} L ${half} ${-chin - 1} Z`
      }
      fill="#000"
      fillOpacity={0.13}
    />
  );
}

/** Where a scarf over the head lies: its edge round the face and its outer edge, from the chin over the top to the chin. */
export function coverAt(frame: Frame) {
  const lay = onHead(frame);
  const bothSides = (right: readonly Share[]) => {
    const upRight = lay(right).map(({ x, h }) => ({ x, y: -h }));
    return [...upRight.map(({ x, y }) => ({ x: -x, y })).reverse(), ...upRight.slice(1)];
  };
  return { face: bothSides(roundTheFace), outer: bothSides(coverOutside) };
}

/** The outer edge of a scarf that holds the hair: over the crown and in under the chin. */
const coverOutside: readonly Share[] = [
  [0, 1.024],
  [0.031, 1.018],
  [0.053, 0.996],
  [0.0605, 0.962],
  [0.0595, 0.925],
  [0.05, 0.89],
  [0.028, 0.864],
  [0.002, 0.858],
];

/** Where hair is held that is tied up, y down: the stretch a scarf is wound along there, and half its width, cm. */
export function hairHeldAt(frame: Frame, form: HairForm | null) {
  const lay = onHead(frame);
  const spots = (points: readonly Share[]) => lay(points).map(({ x, h }) => ({ x, y: -h }));
  const held = cutOf(form)?.held;
  const [at, half] =
    held === "bun"
      ? ([
          [
            [0, 1.012],
            [0, 1.004],
          ],
          0.021,
        ] as const)
      : held === "tail"
        ? ([
            [
              [0.0545, 0.9],
              [0.0535, 0.886],
            ],
            0.0085,
          ] as const)
        : ([
            [
              [0.05, 0.872],
              [0.05, 0.858],
            ],
            0.013,
          ] as const);
  const [from, to] = spots(at);
  const edge = spots([[half, 0.9]])[0];
  if (!from || !to || !edge) throw new Error("hair is held between two places");
  return { from, to, half: edge.x };
}

function onHead({ body }: Frame) {
  const chin = body.measures.chin.cm;
  const unit = (body.height - chin) / (1 - chinShare);
  return (points: readonly Share[]): Point[] =>
    points.map(([x, h]) => ({ x: x * unit, h: chin + (h - chinShare) * unit }));
}
