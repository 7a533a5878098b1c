import { mixed } from "../cloth/tones";
import type { Share } from "./hair-cuts";
import { curve, mirrored, type Point } from "./path";

type Lay = (points: readonly Share[]) => Point[];

/** A scarf over the head is drawn in a quiet grey: whose colour it has, nobody has said. */
const headscarf = "#7d818a";

/** The outer edge of a scarf over the head, its right half from the top down. */
export const scarfBehind: readonly Share[] = [
  [0, 1.016],
  [0.026, 1.0125],
  [0.046, 0.998],
  [0.0535, 0.972],
  [0.054, 0.94],
  [0.0555, 0.9],
  [0.064, 0.862],
  [0.072, 0.836],
  [0.052, 0.822],
  [0, 0.815],
];

const scarfFolds: readonly (readonly Share[])[] = [
  [
    [-0.034, 0.884],
    [-0.012, 0.862],
    [0.022, 0.853],
    [0.05, 0.858],
  ],
  [
    [-0.045, 0.895],
    [-0.03, 0.86],
    [0.008, 0.838],
    [0.045, 0.836],
  ],
  [
    [0.04, 0.9],
    [0.034, 0.872],
    [0.05, 0.845],
  ],
  [
    [-0.046, 0.97],
    [-0.03, 0.995],
    [0.004, 1.004],
  ],
];

/** The edge of a scarf round the face, its right half from the top down. */
export const roundTheFace: readonly Share[] = [
  [0, 0.984],
  [0.022, 0.981],
  [0.0365, 0.966],
  [0.0408, 0.943],
  [0.0385, 0.912],
  [0.03, 0.888],
  [0.0165, 0.8765],
  [0, 0.874],
];

/** What of the scarf lies behind the head. */
export function HeadscarfBehind({ lay }: { readonly lay: Lay }) {
  const line = mixed(headscarf, "#000000", 0.4);
  return <path d={mirrored(lay(scarfBehind))} fill={headscarf} stroke={line} strokeWidth={0.28} />;
}

/** A scarf closed round the face and laid over the shoulders. */
export function Headscarf({ lay }: { readonly lay: Lay }) {
  const line = mixed(headscarf, "#000000", 0.4);
  const cover = `${mirrored(lay(scarfBehind))}${mirrored(lay(roundTheFace))}`;
  return (
    <g strokeLinejoin="round" strokeLinecap="round">
      <path d={cover} fill={headscarf} fillRule="evenodd" stroke={line} strokeWidth={0.28} />
      <path
        d={scarfFolds.map((fold) => curve(lay(fold))).join("")}
        fill="none"
        stroke={mixed(headscarf, "#000000", 0.25)}
        strokeWidth={0.26}
      />
    </g>
  );
}
