import type { Paint } from "../../paint";

/** How a garment's lines are drawn. */
export interface GarmentStyle {
  readonly fill: string;
  readonly line: string;
  /** Seams, folds and creases: thinner than the outline. */
  readonly fold: {
    readonly fill: "none";
    readonly stroke: string;
    readonly strokeWidth: number;
    readonly strokeOpacity: number;
    readonly strokeLinecap: "round";
  };
}

export function styleOf(paint: Paint): GarmentStyle {
  return {
    fill: paint.fill,
    line: paint.line,
    fold: { fill: "none", stroke: paint.line, strokeWidth: 0.3, strokeOpacity: 0.5, strokeLinecap: "round" },
  };
}

/** A circumference as half a width when worn: between round (0.16) and laid flat (0.25). */
export const wornHalf = 0.2;

/** How far a top stands off the body on each side, cm, by the girth it was cut to. */
export function topEase(bodyGirth: number, bust: number): number {
  return Math.max(0.5, Math.min(4, (bodyGirth - bust) * 0.11));
}
