import type { FiguresOf } from "./field";
import { adjustmentSpecs, type AdjustmentKind } from "./adjustments";
import type { AdjustmentSpec } from "./adjustments/define-adjustment";
import type { Body } from "../body/body";
import { slotOf, type Piece } from "./piece";
import type { Slot } from "./slots";

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

/** The same, of a piece that is worn with these others. */
export function optionsAmong<K extends AdjustmentKind>(
  kind: K,
  piece: Piece,
  worn: readonly Piece[],
): readonly AdjustmentOf<K>[] {
  const others = worn.filter(({ id }) => id !== piece.id);
  return optionsOf(kind, piece).filter((option) => specs[kind].needs?.(others, option) ?? true);
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

/** The slot a piece takes as it is worn; null for a garment of a base. */
export function wornSlot(piece: Piece, adjustments: readonly Adjustment[]): Slot | null {
  for (const adjustment of adjustments) {
    if (adjustment.piece !== piece.id) continue;
    const slot = specs[adjustment.kind].slot?.(adjustment);
    if (slot) return slot;
  }
  return slotOf(piece);
}

/** A piece with the figures it has as it is worn; the piece itself when nothing done to it changes them. */
export function asWorn<P extends Piece>(piece: P, own: readonly Adjustment[]): P {
  let worn: Piece = piece;
  for (const adjustment of own) worn = specs[adjustment.kind].asWorn?.(worn, adjustment) ?? worn;
  // What is done to a piece never makes another kind of it.
  return worn as P;
}

/** A piece with the figures it has as it is worn on a body. */
export function asWornOn<P extends Piece>(piece: P, own: readonly Adjustment[], body: Body): P {
  let worn: Piece = asWorn(piece, own);
  for (const adjustment of own) worn = specs[adjustment.kind].onBody?.(worn, adjustment, body) ?? worn;
  return worn as P;
}
