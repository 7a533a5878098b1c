import type { Carry } from "./kinds/bag";

/** What is done to a piece without changing it. */
export type Adjustment =
  | { readonly kind: "turn"; readonly piece: string; readonly count: 1 | 2; readonly depth: number }
  | { readonly kind: "tuck-into-boot"; readonly piece: string }
  | { readonly kind: "tuck-in"; readonly piece: string }
  | { readonly kind: "wear-out"; readonly piece: string }
  | { readonly kind: "double"; readonly piece: string }
  | StrapSetting;

/** How a bag's strap is worn: the way it is carried, and what was done to its length. */
export interface StrapSetting {
  readonly kind: "strap";
  readonly piece: string;
  readonly carry: Carry;
  readonly way: StrapWay;
}

/** What can be done to a bag's strap parts without changing them. */
export const strapWays = [
  "as made",
  "doubled",
  "knotted",
  "wound",
  "tucked",
  "second strap",
  "joined",
  "strap off",
] as const;
export type StrapWay = (typeof strapWays)[number];

export type Turn = Extract<Adjustment, { kind: "turn" }>;

/** The turn-up on a piece, if any. */
export function turnOn(adjustments: readonly Adjustment[], piece: string): Turn | null {
  for (const adjustment of adjustments)
    if (adjustment.kind === "turn" && adjustment.piece === piece) return adjustment;
  return null;
}

/** The adjustments with this one in place of any of its kind on the same piece. */
export function adjust(adjustments: readonly Adjustment[], next: Adjustment): Adjustment[] {
  return [...without(adjustments, next.kind, next.piece), next];
}

/** The adjustments without those of a kind on a piece. */
export function without(
  adjustments: readonly Adjustment[],
  kind: Adjustment["kind"],
  piece: string,
): Adjustment[] {
  return adjustments.filter((adjustment) => adjustment.kind !== kind || adjustment.piece !== piece);
}

/** How a bag's strap is set, if otherwise than as made. */
export function strapOn(adjustments: readonly Adjustment[], piece: string): StrapSetting | null {
  for (const adjustment of adjustments)
    if (adjustment.kind === "strap" && adjustment.piece === piece) return adjustment;
  return null;
}

/** Whether a necklace is worn doubled. */
export function isDoubled(adjustments: readonly Adjustment[], piece: string): boolean {
  return adjustments.some((adjustment) => adjustment.kind === "double" && adjustment.piece === piece);
}
