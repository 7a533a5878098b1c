import type { BagShape } from "./bag-plate";

interface Make {
  readonly front: string;
  readonly flap: string | null;
  readonly seams: readonly string[];
  readonly stitches: readonly string[];
  readonly folds: readonly string[];
  readonly clasp: number;
  /** How far from the middle its right edge is at the top and at the foot, where its side begins. */
  readonly right: { readonly top: number; readonly foot: number };
}

/** What a shape is made from. */
interface Measures {
  /** Half as wide as it is seen, and how high, cm. */
  readonly w: number;
  readonly h: number;
  /** How far its sides give way, 0 to 1, and by how much that is, cm. */
  readonly soft: number;
  readonly give: number;
  /** Where leather that is soft enough slumps. */
  readonly folds: readonly string[];
}

/** Front, flap and seams of each shape, `w` half as wide and `h` high; `soft` is how far its sides give way. */
export function makeOf(shape: BagShape, w: number, h: number, soft: number): Make {
  const slump = [
    `M${-w * 0.5} ${h * 0.16}Q${-w * 0.3} ${h * 0.4} ${-w * 0.44} ${h * 0.62}`,
    `M${w * 0.3} ${h * 0.2}Q${w * 0.12} ${h * 0.46} ${w * 0.24} ${h * 0.7}`,
  ];
  const give = soft * Math.min(1.6, w * 0.1);
  return makes[shape]({ w, h, soft, give, folds: soft > 0.3 ? slump : [] });
}

const plain = { flap: null, seams: [], stitches: [], folds: [] };

const makes: Readonly<Record<BagShape, (measures: Measures) => Make>> = {
  satchel: ({ w, h }) => ({
    ...plain,
    folds: [],
    front: `M${-w * 0.94} 0H${w * 0.94}L${w} ${h - 1.6}Q${w} ${h} ${w - 1.6} ${h}H${-w + 1.6}Q${-w} ${h} ${-w} ${h - 1.6}Z`,
    flap: `M${-w * 0.96} -0.4H${w * 0.96}L${w * 0.99} ${h * 0.44}Q${w * 0.96} ${h * 0.58} ${w * 0.72} ${h * 0.58}H${-w * 0.72}Q${-w * 0.96} ${h * 0.58} ${-w * 0.99} ${h * 0.44}Z`,
    stitches: [`M${-w * 0.9} ${h * 0.64}V${h * 0.92}H${w * 0.9}V${h * 0.64}`],
    clasp: h * 0.58,
    right: { top: w * 0.94, foot: w },
  }),
  tote: ({ w, h, soft, give, folds }) => ({
    ...plain,
    folds,
    front: `M${-w} 0Q0 ${soft * 0.8} ${w} 0C${w + give} ${h * 0.5} ${w * 0.9} ${h * 0.8} ${w * 0.86} ${h}H${-w * 0.86}C${-w * 0.9} ${h * 0.8} ${-w - give} ${h * 0.5} ${-w} 0Z`,
    stitches: [`M${-w * 0.97} 1.6H${w * 0.97}`],
    seams: [`M${-w * 0.87} ${h * 0.86}H${w * 0.87}`],
    clasp: 1.6,
    right: { top: w, foot: w * 0.86 },
  }),
  bucket: ({ w, h }) => ({
    ...plain,
    folds: [
      `M${-w * 0.6} ${h * 0.1}L${-w * 0.5} ${h * 0.3}`,
      `M${-w * 0.1} ${h * 0.13}L${-w * 0.08} ${h * 0.34}`,
      `M${w * 0.4} ${h * 0.12}L${w * 0.36} ${h * 0.3}`,
    ],
    front: `M${-w} 0Q0 ${h * 0.07} ${w} 0C${w * 0.9} ${h * 0.4} ${w * 0.9} ${h * 0.7} ${w * 0.88} ${h - 2}Q0 ${h + 1.8} ${-w * 0.88} ${h - 2}C${-w * 0.9} ${h * 0.7} ${-w * 0.9} ${h * 0.4} ${-w} 0Z`,
    seams: [`M${-w * 0.89} ${h * 0.82}Q0 ${h * 0.96} ${w * 0.89} ${h * 0.82}`],
    stitches: [`M${-w * 0.97} ${h * 0.09}Q0 ${h * 0.17} ${w * 0.97} ${h * 0.09}`],
    clasp: h * 0.2,
    right: { top: w, foot: w * 0.88 },
  }),
  crescent: ({ w, h, soft }) => ({
    ...plain,
    folds: soft > 0.3 ? [`M${-w * 0.6} ${h * 0.3}Q${-w * 0.3} ${h * 0.56} ${-w * 0.36} ${h * 0.8}`] : [],
    front: `M${-w} 0Q0 ${h * 0.36} ${w} 0C${w * 1.08} ${h * 0.66} ${w * 0.62} ${h} 0 ${h}C${-w * 0.62} ${h} ${-w * 1.08} ${h * 0.66} ${-w} 0Z`,
    seams: [`M${-w * 0.94} ${h * 0.1}Q0 ${h * 0.47} ${w * 0.94} ${h * 0.1}`],
    stitches: [
      `M${-w * 0.9} ${h * 0.4}C${-w * 0.7} ${h * 0.8} ${-w * 0.3} ${h * 0.92} 0 ${h * 0.92}C${w * 0.3} ${h * 0.92} ${w * 0.7} ${h * 0.8} ${w * 0.9} ${h * 0.4}`,
    ],
    clasp: h * 0.28,
    right: { top: w, foot: w },
  }),
  pouch: ({ w, h }) => ({
    ...plain,
    folds: [-0.32, 0, 0.3].map(
      (x) => `M${x * w} ${h * 0.16}Q${x * w * 1.2} ${h * 0.3} ${x * w * 1.7} ${h * 0.42}`,
    ),
    front: `M${-w * 0.56} 0Q0 ${h * 0.08} ${w * 0.56} 0C${w * 0.5} ${h * 0.12} ${w * 0.42} ${h * 0.15} ${w * 0.42} ${h * 0.17}C${w * 0.6} ${h * 0.3} ${w} ${h * 0.42} ${w} ${h * 0.7}Q${w} ${h} 0 ${h}Q${-w} ${h} ${-w} ${h * 0.7}C${-w} ${h * 0.42} ${-w * 0.6} ${h * 0.3} ${-w * 0.42} ${h * 0.17}C${-w * 0.42} ${h * 0.15} ${-w * 0.5} ${h * 0.12} ${-w * 0.56} 0Z`,
    seams: [`M${-w * 0.43} ${h * 0.16}Q0 ${h * 0.23} ${w * 0.43} ${h * 0.16}`],
    clasp: h * 0.2,
    right: { top: w, foot: w },
  }),
  fold: ({ w, h }) => ({
    ...plain,
    front: `M${-w} 0H${w}V${h - 0.8}Q${w} ${h} ${w - 0.8} ${h}H${-w + 0.8}Q${-w} ${h} ${-w} ${h - 0.8}Z`,
    flap: `M${-w} -0.2H${w}L${w * 0.08} ${h * 0.64}Q0 ${h * 0.69} ${-w * 0.08} ${h * 0.64}Z`,
    clasp: h * 0.6,
    right: { top: w, foot: w },
  }),
  box: ({ w, h }) => ({
    ...plain,
    front: `M${-w + 0.6} 0H${w - 0.6}Q${w} 0 ${w} 0.6V${h - 0.6}Q${w} ${h} ${w - 0.6} ${h}H${-w + 0.6}Q${-w} ${h} ${-w} ${h - 0.6}V0.6Q${-w} 0 ${-w + 0.6} 0Z`,
    seams: [`M${-w} ${h * 0.34}H${w}`],
    stitches: [`M${-w * 0.93} ${h * 0.4}V${h * 0.94}H${w * 0.93}V${h * 0.4}`],
    clasp: h * 0.34,
    right: { top: w, foot: w },
  }),
};
