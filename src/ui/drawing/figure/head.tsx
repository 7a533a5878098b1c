import type { Colouring } from "@/core/piece/client";
import type { Frame } from "./frame";
import { across, curve, mirrored, type Point } from "./path";

/*
 * Points are shares of the standing height of a body whose head is a 7.66th of it: (distance from the plumb line,
 * height above the floor). They are laid onto each head by its own chin and crown.
 */
type Share = readonly [x: number, h: number];

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

/** What of the hair stands behind the head, from the crown to behind the ear. */
const hairBehind: readonly Share[] = [
  [0, 1.0125],
  [0.025, 1.0095],
  [0.0435, 0.9955],
  [0.0515, 0.973],
  [0.052, 0.951],
  [0.0488, 0.936],
  [0.046, 0.93],
  [0, 0.93],
];

/** What falls over the forehead: round the outside from the left temple to the right, and back along the parting. */
const hairBefore = {
  outside: [
    [-0.0468, 0.936],
    [-0.0508, 0.95],
    [-0.0507, 0.972],
    [-0.0425, 0.9945],
    [-0.024, 1.0085],
    [0, 1.0118],
    [0.025, 1.0085],
    [0.043, 0.9945],
    [0.0507, 0.972],
    [0.0508, 0.95],
    [0.0468, 0.936],
  ],
  within: [
    [0.0458, 0.948],
    [0.0445, 0.959],
    [0.0385, 0.9685],
    [0.0245, 0.9745],
    [0.006, 0.9785],
    [-0.0125, 0.9855],
    [-0.0262, 0.9785],
    [-0.0385, 0.9665],
    [-0.0447, 0.955],
    [-0.0462, 0.945],
  ],
} as const satisfies Record<string, readonly Share[]>;

/** How the hair lies: from the parting over to each side. */
const strands: readonly (readonly Share[])[] = [
  [
    [-0.0125, 0.9885],
    [0.01, 0.9905],
    [0.032, 0.9825],
    [0.0455, 0.9645],
  ],
  [
    [-0.0125, 0.9915],
    [0.012, 0.997],
    [0.034, 0.9895],
    [0.0478, 0.9725],
  ],
  [
    [-0.013, 0.996],
    [0.008, 1.0035],
    [0.029, 0.9995],
  ],
  [
    [-0.014, 0.9895],
    [-0.0285, 0.986],
    [-0.042, 0.9715],
    [-0.0468, 0.9585],
  ],
  [
    [-0.0145, 0.996],
    [-0.0275, 0.9975],
    [-0.0405, 0.9875],
  ],
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

/** Drawn in brown over whatever skin: a face is indicated, not portrayed. */
const features = "#4a3226";
const lips = "#8e4a41";

interface HeadProps {
  readonly frame: Frame;
  readonly colouring: Colouring;
  readonly line: string;
}

/** The head with a quiet face, ears that earrings hang from, and the hair as one mass with a parting. */
export function Head({ frame, colouring, line }: HeadProps) {
  const lay = onHead(frame);
  const both = (points: readonly Share[]) => [lay(points), across(lay(points))];
  const thin = { fill: "none", strokeLinecap: "round", strokeLinejoin: "round" } as const;
  const edge = lineOfHair(colouring.hair);
  return (
    <g strokeLinejoin="round">
      <path d={mirrored(lay(hairBehind))} fill={colouring.hair} stroke={edge.dark} strokeWidth={0.28} />
      {both(ear).map((points, i) => (
        <path key={i} d={`${curve(points)} Z`} fill={colouring.skin} stroke={line} strokeWidth={0.28} />
      ))}
      <path d={mirrored(lay(skull))} fill={colouring.skin} stroke={line} strokeWidth={0.3} />
      <path d={`${curve(lay(shade))} Z`} fill="#000" fillOpacity={0.1} />
      <g {...thin} stroke={features} strokeOpacity={0.75}>
        {both(brow).map((points, i) => (
          <path key={i} d={curve(points)} strokeWidth={0.42} />
        ))}
        {both(eye).map((points, i) => (
          <path key={i} d={curve(points)} strokeWidth={0.36} />
        ))}
        <path d={curve(lay(nose))} strokeWidth={0.28} />
      </g>
      <g {...thin} stroke={lips} strokeOpacity={0.8}>
        <path d={curve(lay(upperLip))} strokeWidth={0.38} />
        <path d={curve(lay(underLip))} strokeWidth={0.26} />
      </g>
      <path
        d={`${curve(lay(hairBefore.outside))} L ${curve(lay(hairBefore.within)).slice(1)} Z`}
        fill={colouring.hair}
        stroke={edge.dark}
        strokeWidth={0.28}
      />
      <g {...thin} stroke={edge.light} strokeWidth={0.24} strokeOpacity={0.7}>
        {strands.map((strand, i) => (
          <path key={i} d={curve(lay(strand))} />
        ))}
      </g>
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

function onHead({ body }: Frame) {
  const chin = body.measures.chin.cm;
  const unit = (body.height - chin) / (1 - chinShare);
  return (points: readonly Share[]): Point[] =>
    points.map(([x, h]) => ({ x: x * unit, h: chin + (h - chinShare) * unit }));
}

/** Lines in hair: its edge a little darker than itself, its strands lighter; black hair takes a grey edge. */
function lineOfHair(hex: string): { readonly dark: string; readonly light: string } {
  return { dark: mixed(hex, "#000000", 0.35), light: mixed(hex, "#ffffff", 0.28) };
}

function mixed(hex: string, other: string, share: number): string {
  const part = (from: string, at: number) => Number.parseInt(from.slice(at, at + 2), 16);
  const one = (at: number) => Math.round(part(hex, at) * (1 - share) + part(other, at) * share);
  return `#${[1, 3, 5].map((at) => one(at).toString(16).padStart(2, "0")).join("")}`;
}
