import type { ReactNode } from "react";
import { bodyOf, type Body } from "@/core/body/body";
import type { Measured } from "@/core/body/measurements";
import { sleeveEnds } from "@/core/body/sleeve-ends";
import { specOf, type Piece } from "@/core/piece/piece";
import { frameOf, type Frame } from "../figure/frame";
import type { PlateBox } from "../plate-box";

/** The body a garment is put on to be shown by itself: of average height, as wide as the garment was cut for. */
function formOf(piece: Piece): Body {
  return bodyOf({ ...average, ...girthsFor(piece) });
}

const average = {
  height: 170,
  neck: 36,
  shoulderWidth: 40,
  bust: 92,
  waist: 75,
  hip: 98,
  upperArm: 29,
  wrist: 16,
  thigh: 54,
  knee: 37,
  calf: 36,
  ankle: 22,
} as const satisfies Measured;

/** How much wider than the body a top is cut as a rule, cm; a form never shrinks or grows beyond what is worn. */
const usualEase = 10;
const bounds = { from: 80, to: 140 };

function girthsFor(piece: Piece): Partial<Measured> {
  if (piece.kind !== "top") return {};
  const bust = Math.min(bounds.to, Math.max(bounds.from, piece.figures.bodyGirth - usualEase));
  return {
    bust,
    waist: average.waist + (bust - average.bust) * 0.9,
    hip: average.hip + (bust - average.bust) * 0.8,
  };
}

/** How far the points of a waistcoat hang under its hem, cm. */
const points = 4;

/** Where a garment lies on its form, from its lowest to its upper edge, cm above the footbed. */
function extentOn(piece: Piece, body: Body) {
  const spec = specOf(piece);
  const { from, to } = spec.extent(piece.figures, body);
  if (spec.zone !== "trunk") return { from, to };
  const { sleeve, form } = piece.figures as { readonly sleeve?: Sleeve; readonly form?: string };
  const end = sleeve === undefined ? null : sleeveEnds[sleeve];
  // The sleeves of something short hang lower than its hem.
  const lowest = Math.min(from, end === null ? from : end * body.height - 1);
  return { from: lowest - (form === "waistcoat" ? points : 0), to: to + 6 };
}

type Sleeve = keyof typeof sleeveEnds;

/** The form a garment hangs on, where its plate lies, and the extents between which lengths are taken. */
export function hungOn(piece: Piece, size: number) {
  const frame = frameOf(formOf(piece));
  const { from, to } = extentOn(piece, frame.body);
  const { from: hem, to: top } = specOf(piece).extent(piece.figures, frame.body);
  const y = (above: number) => size / 2 + (from + to) / 2 - above;
  return { frame, hem, top, x: (out: number) => size / 2 + out, y };
}

interface OnFormProps {
  readonly piece: Piece;
  readonly size: number;
  /** The garment, hung on the form with its lower edge where it ends. */
  readonly children: (frame: Frame, extent: { readonly from: number; readonly to: number }) => ReactNode;
}

/** A garment as it hangs, without the body in it, its middle in the middle of the plate. */
export function OnForm({ piece, size, children }: OnFormProps) {
  const frame = frameOf(formOf(piece));
  const { from, to } = extentOn(piece, frame.body);
  return (
    <g transform={`translate(${size / 2}, ${size / 2 + (from + to) / 2})`}>
      {children(frame, specOf(piece).extent(piece.figures, frame.body))}
    </g>
  );
}

/** What a garment on its form takes, with a margin. */
export function formBox(piece: Piece): PlateBox {
  const body = formOf(piece);
  const frame = frameOf(body);
  const { from, to } = extentOn(piece, body);
  const { measures } = body;
  const figures: Readonly<Record<string, unknown>> = piece.figures;
  const sleeved = specOf(piece).zone === "trunk" && figures.sleeve !== "none";
  const hemWidth =
    typeof figures.hemWidth === "number"
      ? Math.min(figures.hemWidth, 150) * 0.17 + Math.max(0, figures.hemWidth - 150) * 0.05
      : 0;
  const opening = typeof figures.opening === "number" ? frame.legAxis(0) + figures.opening * 0.2 : 0;
  const arms = sleeved ? frame.wrist.x + frame.armHalf(measures.elbow.cm) : 0;
  const half = Math.max(frame.trunk(measures.hipLine.cm) + 3, hemWidth + 1, opening, arms);
  return { width: 2 * half + 6, height: to - from + 8 };
}
