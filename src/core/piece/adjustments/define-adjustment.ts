import type { Body } from "../../body/body";
import type { Interval } from "../../length/interval";
import type { BodyZone } from "../body-zone";
import type { Fields, FiguresOf } from "../field";
import type { LayerName } from "../layers";
import type { GarmentPlace } from "../kinds/define-kind";
import type { Piece } from "../piece";
import type { Slot } from "../slots";

/** Everything the core needs to know of one way of wearing a piece. */
export interface AdjustmentSpec<F extends Fields = Fields> {
  /** The figures it is recorded with beside the piece; none for what is simply done or not. */
  readonly settings: F;
  /** Adjustments of the same piece that it takes the place of. */
  readonly excludes: readonly string[];
  /** The ways in which it may be done to a piece, the ones worth trying; none: not to this piece. */
  options(piece: Piece): readonly FiguresOf<F>[];
  /** Whether what else is worn allows it. Left out: it does whatever is worn. */
  needs?(others: readonly Piece[], settings: FiguresOf<F>): boolean;
  /** What the reading sees of the piece instead. Left out: its figures stay. */
  asWorn?(piece: Piece, settings: FiguresOf<F>): Piece;
  /** What the reading sees of the piece on this body, where that hangs on the body. Left out: as it is worn. */
  onBody?(piece: Piece, settings: FiguresOf<F>, body: Body): Piece;
  /** Its edges, from what they would be otherwise. */
  extent?(
    extent: Interval,
    settings: FiguresOf<F>,
    on: { readonly piece: Piece; readonly body: Body },
  ): Interval;
  /** Where on the body it is looked at instead. */
  zone?(settings: FiguresOf<F>): BodyZone;
  /** The slot it takes instead of its kind's own. */
  slot?(settings: FiguresOf<F>): Slot;
  /** Its place as a garment instead of its kind's own. */
  place?(settings: FiguresOf<F>): GarmentPlace;
  /** The station it is shown at instead; null: its kind's own. */
  station?(settings: FiguresOf<F>): Slot | null;
  /** How much of a look it takes instead, as its kind counts areas. */
  area?(settings: FiguresOf<F>): number;
  /** Where it lies from the skin outwards instead; null: where it lies otherwise. */
  layer?(settings: FiguresOf<F>): LayerName | null;
  /** The inside of the cloth comes to show. */
  readonly showsReverse?: true;
  /** How far it moves the piece's level, steps. */
  level?(settings: FiguresOf<F>): number;
  /** How much warmth it adds or takes, clo. */
  insulation?(settings: FiguresOf<F>): number;
  /** The words of doing and of undoing it, and of what is then to be seen; message templates. */
  readonly words: AdjustmentWords;
}

/** Templates with {piece} and the settings by name; lengths come with their unit. */
export interface AdjustmentWords {
  /** The name of the way itself: "Turn-up". */
  readonly name: string;
  /** An instruction: "Turn {piece} up once, {depth}". */
  readonly doing: string;
  /** "Turn {piece} down". */
  readonly undoing: string;
  /** In a caption: "turned up once, {depth}". */
  readonly done: string;
}

export function defineAdjustment<const F extends Fields>(spec: AdjustmentSpec<F>): AdjustmentSpec<F> {
  return spec;
}
