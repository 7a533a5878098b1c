import type { Fields, FiguresOf } from "../field";
import type { Slot } from "../slots";

/** Where a garment belongs in a base; an accessory has none. */
export type GarmentPlace = "bottom" | "whole" | "top" | "layer";

export interface KindSpec<F extends Fields = Fields> {
  readonly label: string;
  /** The slot it takes as an accessory; a garment that is only ever part of a base has none. */
  readonly slot: Slot | null;
  /** Its place in a base; null for an accessory. */
  readonly place: GarmentPlace | null;
  readonly figures: F;
  /** What is wrong with figures that are each plausible but not together; null when nothing is. */
  readonly check?: (figures: FiguresOf<F>) => { readonly field: string; readonly say: string } | null;
}

export function defineKind<const F extends Fields>(spec: KindSpec<F>): KindSpec<F> {
  return spec;
}
