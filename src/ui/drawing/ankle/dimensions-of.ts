import type { Dressed } from "@/core/dressing/dressed";
import { drawingWords } from "@/words/drawing";
import { apart } from "../apart";
import { hangingHalf, view, type LegSide } from "./view";

/** A measured length along the leg, heights above the footbed in cm. */
interface Dimension {
  readonly label: string;
  readonly from: number;
  readonly to: number;
}

/** The lengths of the ankle: heel and shaft as a chain, hem to floor as the whole, and how the two meet. */
export function dimensionsOf({ leg, shoe, lift, hem, body }: Dressed): {
  readonly chain: readonly Dimension[];
  readonly whole: Dimension | null;
  readonly meeting: Dimension | null;
} {
  // A lift that nobody has measured is the usual one.
  const label = shoe?.piece.unsaid.includes("lift") ? "est. heel" : "heel";
  const chain = lift > 0 ? [{ label, from: -lift, to: 0 }] : [];
  const whole =
    hem === null || leg?.fit?.meeting === "tucked"
      ? null
      : { label: drawingWords.hemToFloor, from: -lift, to: hem };
  if (!leg) return { chain, whole, meeting: null };
  const shaft = leg.shoe.figures.shaft;
  if (shaft === null) {
    const bone = body.measures.ankleBone.cm;
    const label = leg.hem >= bone ? drawingWords.aboveTheBone : drawingWords.belowTheBone;
    return { chain, whole, meeting: { label, from: Math.min(bone, leg.hem), to: Math.max(bone, leg.hem) } };
  }
  const meeting =
    leg.fit?.meeting === "tucked"
      ? null
      : {
          label: leg.hem >= shaft ? "gap" : "overlap",
          from: Math.min(shaft, leg.hem),
          to: Math.max(shaft, leg.hem),
        };
  return { chain: [{ label: "shaft", from: 0, to: shaft }, ...chain], whole, meeting };
}

/** A dimension with the place of its line and of its label, cm; heights above the footbed. */
export interface PlacedDimension extends Dimension {
  /** Where the line stands, and how far its marks reach towards the leg. */
  readonly x: number;
  readonly towards: number;
  readonly labelX: number;
  /** Which end of the label stands at `labelX`. */
  readonly anchor: "start" | "end";
  /** Height of the label's first baseline; the figure stands a line below. */
  readonly labelAt: number;
}

/** Line height of a label, and what its two lines take with the air about them. */
export const lineHeight = 2.3;
export const labelTall = 2.4 * lineHeight;
const chainX = -3.4;
/** Labels over the toe stay above it. */
const overToe = 8;
/** What a label beyond the hem takes, to the line beyond the toe. */
const labelWide = 16;

/** Where the hem and what hangs from it end, seen from the side. */
function frontOf({ leg }: Dressed, side: LegSide): number {
  return side.axis + (leg ? Math.max(hangingHalf(leg.opening), side.half(leg.hem)) : side.half(20)) + 2.2;
}

/** How far right the window shows: beyond the toe, and beyond a wide hem with its labels. */
export function rightOf(dressed: Dressed, side: LegSide): number {
  return Math.max(view.right, frontOf(dressed, side) + labelWide);
}

/**
 * Places the lines behind the heel, before the shin and beyond the toe, and their labels so that none
 * stands on another. Lines that would leave the window are left out.
 */
export function placeDimensions(dressed: Dressed, side: LegSide): PlacedDimension[] {
  const { chain, whole, meeting } = dimensionsOf(dressed);
  const front = frontOf(dressed, side);
  const right = rightOf(dressed, side);
  const fits = ({ to }: Dimension) => to <= view.reach;
  const behind = chain.filter(fits);
  const before = [
    ...(meeting && fits(meeting)
      ? [{ ...meeting, x: front, towards: side.axis, labelX: front + 1, anchor: "start" as const }]
      : []),
    ...(whole && fits(whole)
      ? [{ ...whole, x: right - 1.6, towards: front, labelX: right - 2.4, anchor: "end" as const }]
      : []),
  ];
  const top = view.reach - lineHeight;
  const behindAt = apart(behind.map(middle), labelTall, { from: 2.9 - dressed.lift, to: top });
  const beforeAt = apart(before.map(middle), labelTall, { from: overToe, to: top });
  return [
    ...behind.map((dimension, i): PlacedDimension => ({
      ...dimension,
      x: chainX,
      towards: 0,
      labelX: chainX - 0.8,
      anchor: "end",
      labelAt: behindAt[i] ?? 0,
    })),
    ...before.map((dimension, i): PlacedDimension => ({ ...dimension, labelAt: beforeAt[i] ?? 0 })),
  ];
}

function middle({ from, to }: Dimension): number {
  return (from + to) / 2;
}
