import type { Body } from "../../body/body";
import type { Interval } from "../../length/interval";
import type { BodyZone } from "../body-zone";
import type { Fields, FiguresOf } from "../field";
import type { LayerName } from "../layers";
import type { PieceCommon } from "../piece-common";
import type { Slot } from "../slots";

/** Where a garment belongs in a base; an accessory has none. */
export type GarmentPlace = "bottom" | "whole" | "top" | "layer";

/** What is seen of a piece: its visible parts and its whole extent, cm above the footbed. */
export interface SeenOfPiece {
  readonly parts: readonly Interval[];
  readonly extent: Interval;
}

/** What a piece is made of and finished with, on which its warmth depends. */
export type Making = Pick<PieceCommon, "finish" | "secondFinish" | "cloth">;

/**
 * How far an accessory places the base: a weight of its own; as jewellery, much from a statement and little
 * without one; or the little that a trinket does, of which only the farthest few are heard.
 */
export type Pull = number | "jewellery" | "trinket";

/** Everything the core needs to know of one kind of piece. */
export interface KindSpec<F extends Fields = Fields> {
  readonly label: string;
  /** The slot it takes as an accessory; a garment that is only ever part of a base has none. */
  readonly slot: Slot | null;
  /** Its place in a base; null for an accessory. */
  readonly place: GarmentPlace | null;
  /** Where on the body it is looked at. */
  readonly zone: BodyZone;
  /** The figures it is recorded with, and what a new piece starts with. */
  readonly figures: F;
  /** How far it places the base it is put on (docs/model.md, Formality). Left out: it says nothing of its level. */
  readonly pull?: Pull;
  /** How far the way it is worn takes it from its own level, steps; never past its span. */
  leans?(figures: FiguresOf<F>): number;
  /** Carried in the hand or on the arm, it keeps rain off what is worn with it. */
  readonly shelters?: true;
  /** The hem that rises with it when its wearer sits; none for what stays where it is. */
  readonly seated?: "trousers" | "skirt";
  /** What is wrong with figures that are each plausible but not together; null when nothing is. */
  check?(figures: FiguresOf<F>): { readonly field: string; readonly say: string } | null;
  /** From its lower to its upper edge on a standing body. */
  extent(figures: FiguresOf<F>, body: Body): Interval;
  /** Where it lies from the skin outwards. */
  layer(figures: FiguresOf<F>): LayerName;
  /** Whether it hides what lies under it down the middle: an open layer does not. Left out: it does. */
  hides?(figures: FiguresOf<F>): boolean;
  /**
   * Where the neck of a front that is closed begins to open, cm above the footbed: what lies under is seen in
   * the V above it. Left out or null: it shows nothing.
   */
  opening?(figures: FiguresOf<F>, body: Body): number | null;
  /** How much of a look it takes by what is seen of it; areas are compared, not added up to 1. */
  area(seen: SeenOfPiece, body: Body): number;
  /** Insulation, clo (docs/model.md, Comfort; figures for garments from the usual tables of ISO 9920). */
  insulation(figures: FiguresOf<F>, making: Making): number;
  /** What one usually weighs, grams, or what is recorded of this one. */
  weight(figures: FiguresOf<F>): number;
}

export function defineKind<const F extends Fields>(spec: KindSpec<F>): KindSpec<F> {
  return spec;
}
