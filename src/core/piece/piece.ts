import type { Finish } from "../finish/finishes";
import type { Metal } from "../finish/metals";
import type { RegisterSpan } from "../register/ladder";
import type { Pole } from "../style/poles";
import type { FiguresOf } from "./field";
import { kindNames, kinds, type Kind } from "./kinds";
import type { GarmentPlace } from "./kinds/define-kind";
import type { Slot } from "./slots";
import type { Swatch } from "./swatch";

export const patterns = ["plain", "stripe", "check", "dot", "floral", "animal", "placed"] as const;
type Pattern = (typeof patterns)[number];

/** What every piece is recorded with, whatever its kind. */
interface PieceCommon {
  readonly id: string;
  readonly name: string;
  readonly swatches: readonly Swatch[];
  readonly finish: Finish;
  readonly secondFinish: Finish | null;
  readonly pattern: Pattern;
  /** Size of the motif or the repeat, cm; 0 when plain. */
  readonly patternScale: number;
  readonly metal: Metal;
  /** How much metal is seen: 0 none, 1 a trace, 2 plain to see, 3 the point of the piece. */
  readonly metalSize: 0 | 1 | 2 | 3;
  readonly poles: readonly Pole[];
  /** 0 background to 3 the first thing seen. */
  readonly statement: 0 | 1 | 2 | 3;
  readonly register: RegisterSpan;
}

export type PieceOf<K extends Kind> = PieceCommon & {
  readonly kind: K;
  readonly figures: FiguresOf<(typeof kinds)[K]["figures"]>;
};

/** Any wearable thing. Narrow by `kind` to reach its figures. */
export type Piece = { [K in Kind]: PieceOf<K> }[Kind];

/** Slots and places in tables of their own: the rules ask for them some hundred times a reading. */
const slotTable = Object.fromEntries(kindNames.map((kind) => [kind, kinds[kind].slot])) as Record<
  Kind,
  Slot | null
>;
const placeTable = Object.fromEntries(kindNames.map((kind) => [kind, kinds[kind].place])) as Record<
  Kind,
  GarmentPlace | null
>;

/** The slot a piece takes as an accessory; null for a garment that only belongs to a base. */
export function slotOf(piece: Piece): Slot | null {
  return slotTable[piece.kind];
}

/** The place of a garment in a base; null for an accessory. */
export function placeOf(piece: Piece): GarmentPlace | null {
  return placeTable[piece.kind];
}

/** Narrows to pieces of one kind. */
export function isKind<K extends Kind>(piece: Piece, kind: K): piece is Extract<Piece, { kind: K }> {
  return piece.kind === kind;
}

/** Whether a shoe shows the toes. */
export function isOpenToed(shoe: PieceOf<"shoe">): boolean {
  const { form, toe } = shoe.figures;
  return toe === "open" || form === "sandal" || form === "thong";
}

/** A garment with legs, whose hems meet the shoe: trousers or a jumpsuit. */
export type Legged = PieceOf<"trousers"> | PieceOf<"jumpsuit">;

export function isLegged(piece: Piece): piece is Legged {
  return piece.kind === "trousers" || piece.kind === "jumpsuit";
}

/** The same garment with its legs cut to other figures. */
export function recut<G extends Legged>(garment: G, cut: Partial<PieceOf<"trousers">["figures"]>): G {
  return { ...garment, figures: { ...garment.figures, ...cut } };
}

/** A hanging, flaring or wide leg, whose full length is judged against the floor. */
export function hangsWide(trousers: Legged): boolean {
  return trousers.figures.leg === "wide" || trousers.figures.leg === "flared";
}
