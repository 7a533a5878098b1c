import type { FiguresOf } from "./field";
import { adjustmentSpecs, type AdjustmentKind } from "./adjustments";
import type { AdjustmentSpec } from "./adjustments/define-adjustment";
import type { Piece } from "./piece";

/** What is done to a piece without changing it. */
export type Adjustment = {
  [K in AdjustmentKind]: { readonly kind: K; readonly piece: string } & FiguresOf<
    (typeof adjustmentSpecs)[K]["settings"]
  >;
}[AdjustmentKind];

export type AdjustmentOf<K extends AdjustmentKind> = Extract<Adjustment, { kind: K }>;

export type Turn = AdjustmentOf<"turn">;

const specs: Readonly<Record<AdjustmentKind, AdjustmentSpec>> = adjustmentSpecs;

/** What the core knows of a way of wearing. */
export function adjustmentSpec(kind: AdjustmentKind): AdjustmentSpec {
  return specs[kind];
}

/** The ways in which one adjustment may be done to a piece; none when it may not. */
export function optionsOf<K extends AdjustmentKind>(kind: K, piece: Piece): readonly AdjustmentOf<K>[] {
  return specs[kind]
    .options(piece)
    .map((settings) => ({ kind, piece: piece.id, ...settings }) as AdjustmentOf<K>);
}

/** An adjustment of one kind on a piece; null when it is worn as made. */
export function adjustmentOn<K extends AdjustmentKind>(
  adjustments: readonly Adjustment[],
  kind: K,
  piece: string,
): AdjustmentOf<K> | null {
  for (const adjustment of adjustments)
    if (adjustment.kind === kind && adjustment.piece === piece) return adjustment as AdjustmentOf<K>;
  return null;
}

/** The adjustments with this one done: it takes the place of its own kind and of what it excludes. */
export function adjust(adjustments: readonly Adjustment[], next: Adjustment): Adjustment[] {
  return [...undone(adjustments, next.kind, next.piece), next];
}

/** The adjustments with a piece no longer worn so, nor in any way that this one excludes. */
export function undone(
  adjustments: readonly Adjustment[],
  kind: AdjustmentKind,
  piece: string,
): Adjustment[] {
  const { excludes } = specs[kind];
  return adjustments.filter(
    (other) => other.piece !== piece || (other.kind !== kind && !excludes.includes(other.kind)),
  );
}

const none: readonly Adjustment[] = [];

/** What is done to one piece. */
export function adjustmentsOf(adjustments: readonly Adjustment[], piece: string): readonly Adjustment[] {
  if (adjustments.length === 0) return none;
  const own = adjustments.filter((adjustment) => adjustment.piece === piece);
  return own.length > 0 ? own : none;
}

/** A piece with the figures it has as it is worn; the piece itself when nothing done to it changes them. */
export function asWorn<P extends Piece>(piece: P, own: readonly Adjustment[]): P {
  let worn: Piece = piece;
  for (const adjustment of own) worn = specs[adjustment.kind].asWorn?.(worn, adjustment) ?? worn;
  // What is done to a piece never makes another kind of it.
  return worn as P;
}
