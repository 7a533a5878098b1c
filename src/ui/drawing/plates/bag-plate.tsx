import type { PieceOf } from "@/core/piece/piece";
import { Shape } from "../cloth/shape";
import { metalColour } from "../metal-colour";
import type { Paint } from "../paint";
import { makeOf } from "./bag-make";

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

export type BagShape = PieceOf<"bag">["figures"]["shape"];

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
  const metal = metalColour(bag);
  return (
    <Shape
      id={id}
      paint={paint}
      parts={[{ d: made.front }]}
      behind={side > 0.4 && <Depth right={made.right} side={side} height={h} paint={paint} />}
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

interface DepthProps {
  /** How far from the middle the front's right edge is at the top and at the foot. */
  readonly right: { readonly top: number; readonly foot: number };
  /** How much of the side is seen. */
  readonly side: number;
  readonly height: number;
  readonly paint: Paint;
}

/** What is seen of a bag behind its front: the open top and the right side, in shadow. */
function Depth({ right, side, height: h, paint }: DepthProps) {
  const up = side * 0.34;
  return (
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
  );
}
