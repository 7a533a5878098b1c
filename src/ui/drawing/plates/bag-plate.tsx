import type { PieceOf } from "@/core/piece/piece";
import { Shape } from "../cloth/shape";
import { metalColour } from "../metal-colour";
import type { Paint } from "../paint";

interface BagPlateProps {
  readonly bag: PieceOf<"bag">;
  readonly paint: Paint;
  readonly id: string;
  readonly size: number;
}

/** A bag from the front and a little from its side, its strap or handle falling as it would from a hook. */
export function BagPlate({ bag, paint, id, size }: BagPlateProps) {
  const { width, height, strap } = bag.figures;
  const reach = bagReach(strap);
  const top = size / 2 + (reach - height) / 2;
  const half = width * holds[bag.figures.shape];
  const d = `M${-half} 1C${-half * 0.94} ${-reach * 1.3} ${half * 0.94} ${-reach * 1.3} ${half} 1`;
  return (
    <g transform={`translate(${(size - sideSeen(bag)) / 2}, ${top + sideSeen(bag) * 0.17})`}>
      {reach > 0 && <Strap bag={bag} paint={paint} d={d} />}
      <TopHandle bag={bag} paint={paint} view={fromFront} />
      <BagBody bag={bag} paint={paint} id={id} view={fromFront} />
    </g>
  );
}

/** How much of a bag's side is seen from its front, cm; nothing of one that has no side of its own. */
export function sideSeen({ figures: { shape, depth } }: PieceOf<"bag">): number {
  return sided.has(shape) ? depth * fromFront.side : 0;
}

/** How far a strap stands up over its bag when laid down, cm. */
export function bagReach(strap: number): number {
  return strap > 4 ? Math.min(strap / 2, 30) : 0;
}

type BagShape = PieceOf<"bag">["figures"]["shape"];

/** Shapes whose side is a part of its own. */
const sided: ReadonlySet<BagShape> = new Set(["satchel", "tote", "fold", "box"]);

/** Where a strap is fixed, from the middle, as a share of the width. */
export const holds: Readonly<Record<BagShape, number>> = {
  satchel: 0.3,
  tote: 0.26,
  bucket: 0.44,
  crescent: 0.47,
  pouch: 0.24,
  fold: 0.44,
  box: 0.3,
};

/** How high a handle stands over its bag, and how far apart its ends are, as a share of the width. */
const handleUp = 8;
const handleApart = 0.17;

interface TopHandleProps {
  readonly bag: PieceOf<"bag">;
  readonly paint: Paint;
  readonly view: BagView;
}

/** The handle that a bag has beside its strap, over the middle of its top; none on a bag that is held by its strap. */
export function TopHandle({ bag, paint, view }: TopHandleProps) {
  const { handle, carry, width } = bag.figures;
  if (handle === null || carry === "hand") return null;
  const x = width * handleApart * view.front;
  const wide = Math.min(2.4, Math.max(0.9, handle / Math.PI));
  const d = `M${-x} 0.6C${-x} ${-handleUp * 1.25} ${x} ${-handleUp * 1.25} ${x} 0.6`;
  return (
    <g fill="none" strokeLinejoin="round">
      <path d={d} stroke={paint.tones.outline} strokeWidth={wide + 0.4} />
      <path d={d} stroke={paint.ground} strokeWidth={wide} />
    </g>
  );
}

interface StrapProps {
  readonly bag: PieceOf<"bag">;
  readonly paint: Paint;
  readonly d: string;
}

/** A strap along a line: flat leather with its edge, or a chain of links. */
export function Strap({ bag, paint, d }: StrapProps) {
  const { strapMade, strapThick } = bag.figures;
  const thin = { fill: "none", strokeLinejoin: "round", strokeLinecap: "butt" } as const;
  if (strapMade === "chain") {
    const metal = metalColour(bag) ?? "#9a9a9a";
    return (
      <g {...thin} strokeLinecap="round">
        <path d={d} stroke="#00000055" strokeWidth={1} />
        <path d={d} stroke={metal} strokeWidth={0.78} strokeDasharray="0.9 0.62" />
        <path d={d} stroke={metal} strokeWidth={0.32} />
      </g>
    );
  }
  const wide = Math.min(4, Math.max(0.8, strapThick));
  return (
    <g {...thin}>
      <path d={d} stroke={paint.tones.outline} strokeWidth={wide + 0.4} />
      <path d={d} stroke={paint.ground} strokeWidth={wide} />
      {wide > 1 && <path d={d} stroke={paint.tones.seam} strokeWidth={0.14} strokeDasharray="0.6 0.4" />}
    </g>
  );
}

/** How a bag is turned to the eye: how much of its width and of its depth is seen. */
export interface BagView {
  readonly front: number;
  readonly side: number;
}

const fromFront: BagView = { front: 1, side: 0.26 };
/** Carried at the side, a bag turns its narrow end to the eye. */
export const carriedView: BagView = { front: 0.72, side: 0.36 };

interface BagBodyProps {
  readonly bag: PieceOf<"bag">;
  readonly paint: Paint;
  readonly id: string;
  readonly view: BagView;
}

/** The body of a bag in cm, its top edge's middle at the origin, y down. */
export function BagBody({ bag, paint, id, view }: BagBodyProps) {
  const { width, height: h, depth, shape, structure } = bag.figures;
  const w = (width / 2) * view.front;
  const made = makeOf(shape, w, h, structure === "soft" ? 1 : structure === "semi" ? 0.4 : 0);
  const side = sided.has(shape) ? depth * view.side : 0;
  const up = side * 0.34;
  const metal = metalColour(bag);
  const right = made.right;
  return (
    <Shape
      id={id}
      paint={paint}
      parts={[{ d: made.front }]}
      behind={
        side > 0.4 && (
          <g stroke={paint.tones.outline} strokeWidth={0.3} strokeLinejoin="round">
            <path
              d={`M${-right.top + side} ${-up}L${right.top + side} ${-up}L${right.foot + side} ${h - up * 1.2}L${right.foot - 1} ${h - 0.2}L${-right.top} 0Z`}
              fill={paint.ground}
            />
            <path
              d={`M${right.top} 0L${right.top + side} ${-up}L${right.foot + side} ${h - up * 1.2}L${right.foot} ${h - 0.3}Z`}
              fill="#000"
              fillOpacity={paint.tones.shade * 1.5}
            />
            <path
              d={`M${-right.top} 0L${-right.top + side} ${-up}L${right.top + side} ${-up}L${right.top} 0Z`}
              fill="#000"
              fillOpacity={0.12}
            />
          </g>
        )
      }
      shades={[
        `M${w * 0.62} 0C${w * 0.76} ${h * 0.4} ${w * 0.74} ${h * 0.7} ${w * 0.5} ${h + 2}H${w * 1.3}V0Z`,
      ]}
      lights={[
        `M${-w * 0.8} ${h * 0.12}C${-w * 0.86} ${h * 0.4} ${-w * 0.82} ${h * 0.7} ${-w * 0.72} ${h * 0.9}L${-w * 0.58} ${h * 0.9}C${-w * 0.68} ${h * 0.6} ${-w * 0.7} ${h * 0.34} ${-w * 0.6} ${h * 0.12}Z`,
      ]}
      folds={made.folds}
      seams={made.seams}
      stitches={made.stitches}
    >
      {made.flap && (
        <>
          <path d={made.flap} fill={paint.fill} stroke={paint.tones.outline} strokeWidth={0.3} />
          {paint.texture && <path d={made.flap} fill={paint.texture} />}
        </>
      )}
      {metal && bag.metalSize > 0 && (
        <rect
          x={-0.8 - bag.metalSize * 0.3}
          y={made.clasp - 1}
          width={1.6 + bag.metalSize * 0.6}
          height={2}
          rx={0.4}
          fill={metal}
          stroke="#3a3a3a"
          strokeWidth={0.16}
        />
      )}
    </Shape>
  );
}

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

/** Front, flap and seams of each shape, `w` half as wide and `h` high; `soft` is how far its sides give way. */
function makeOf(shape: BagShape, w: number, h: number, soft: number): Make {
  const plain = { flap: null, seams: [], stitches: [], folds: [] };
  const give = soft * Math.min(1.6, w * 0.1);
  const slump = [
    `M${-w * 0.5} ${h * 0.16}Q${-w * 0.3} ${h * 0.4} ${-w * 0.44} ${h * 0.62}`,
    `M${w * 0.3} ${h * 0.2}Q${w * 0.12} ${h * 0.46} ${w * 0.24} ${h * 0.7}`,
  ];
  const folds = soft > 0.3 ? slump : [];
  switch (shape) {
    case "satchel":
      return {
        ...plain,
        folds: [],
        front: `M${-w * 0.94} 0H${w * 0.94}L${w} ${h - 1.6}Q${w} ${h} ${w - 1.6} ${h}H${-w + 1.6}Q${-w} ${h} ${-w} ${h - 1.6}Z`,
        flap: `M${-w * 0.96} -0.4H${w * 0.96}L${w * 0.99} ${h * 0.44}Q${w * 0.96} ${h * 0.58} ${w * 0.72} ${h * 0.58}H${-w * 0.72}Q${-w * 0.96} ${h * 0.58} ${-w * 0.99} ${h * 0.44}Z`,
        stitches: [`M${-w * 0.9} ${h * 0.64}V${h * 0.92}H${w * 0.9}V${h * 0.64}`],
        clasp: h * 0.58,
        right: { top: w * 0.94, foot: w },
      };
    case "tote":
      return {
        ...plain,
        folds,
        front: `M${-w} 0Q0 ${soft * 0.8} ${w} 0C${w + give} ${h * 0.5} ${w * 0.9} ${h * 0.8} ${w * 0.86} ${h}H${-w * 0.86}C${-w * 0.9} ${h * 0.8} ${-w - give} ${h * 0.5} ${-w} 0Z`,
        stitches: [`M${-w * 0.97} 1.6H${w * 0.97}`],
        seams: [`M${-w * 0.87} ${h * 0.86}H${w * 0.87}`],
        clasp: 1.6,
        right: { top: w, foot: w * 0.86 },
      };
    case "bucket":
      return {
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
      };
    case "crescent":
      return {
        ...plain,
        folds: soft > 0.3 ? [`M${-w * 0.6} ${h * 0.3}Q${-w * 0.3} ${h * 0.56} ${-w * 0.36} ${h * 0.8}`] : [],
        front: `M${-w} 0Q0 ${h * 0.36} ${w} 0C${w * 1.08} ${h * 0.66} ${w * 0.62} ${h} 0 ${h}C${-w * 0.62} ${h} ${-w * 1.08} ${h * 0.66} ${-w} 0Z`,
        seams: [`M${-w * 0.94} ${h * 0.1}Q0 ${h * 0.47} ${w * 0.94} ${h * 0.1}`],
        stitches: [
          `M${-w * 0.9} ${h * 0.4}C${-w * 0.7} ${h * 0.8} ${-w * 0.3} ${h * 0.92} 0 ${h * 0.92}C${w * 0.3} ${h * 0.92} ${w * 0.7} ${h * 0.8} ${w * 0.9} ${h * 0.4}`,
        ],
        clasp: h * 0.28,
        right: { top: w, foot: w },
      };
    case "pouch":
      return {
        ...plain,
        folds: [-0.32, 0, 0.3].map(
          (x) => `M${x * w} ${h * 0.16}Q${x * w * 1.2} ${h * 0.3} ${x * w * 1.7} ${h * 0.42}`,
        ),
        front: `M${-w * 0.56} 0Q0 ${h * 0.08} ${w * 0.56} 0C${w * 0.5} ${h * 0.12} ${w * 0.42} ${h * 0.15} ${w * 0.42} ${h * 0.17}C${w * 0.6} ${h * 0.3} ${w} ${h * 0.42} ${w} ${h * 0.7}Q${w} ${h} 0 ${h}Q${-w} ${h} ${-w} ${h * 0.7}C${-w} ${h * 0.42} ${-w * 0.6} ${h * 0.3} ${-w * 0.42} ${h * 0.17}C${-w * 0.42} ${h * 0.15} ${-w * 0.5} ${h * 0.12} ${-w * 0.56} 0Z`,
        seams: [`M${-w * 0.43} ${h * 0.16}Q0 ${h * 0.23} ${w * 0.43} ${h * 0.16}`],
        clasp: h * 0.2,
        right: { top: w, foot: w },
      };
    case "fold":
      return {
        ...plain,
        front: `M${-w} 0H${w}V${h - 0.8}Q${w} ${h} ${w - 0.8} ${h}H${-w + 0.8}Q${-w} ${h} ${-w} ${h - 0.8}Z`,
        flap: `M${-w} -0.2H${w}L${w * 0.08} ${h * 0.64}Q0 ${h * 0.69} ${-w * 0.08} ${h * 0.64}Z`,
        clasp: h * 0.6,
        right: { top: w, foot: w },
      };
    case "box":
      return {
        ...plain,
        front: `M${-w + 0.6} 0H${w - 0.6}Q${w} 0 ${w} 0.6V${h - 0.6}Q${w} ${h} ${w - 0.6} ${h}H${-w + 0.6}Q${-w} ${h} ${-w} ${h - 0.6}V0.6Q${-w} 0 ${-w + 0.6} 0Z`,
        seams: [`M${-w} ${h * 0.34}H${w}`],
        stitches: [`M${-w * 0.93} ${h * 0.4}V${h * 0.94}H${w * 0.93}V${h * 0.4}`],
        clasp: h * 0.34,
        right: { top: w, foot: w },
      };
  }
}
