import type { Body } from "../body/body";
import type { BodyZone } from "./body-zone";
import type { FiguresOf } from "./field";
import { kinds, type Kind } from "./kinds";
import type { GarmentPlace, KindSpec } from "./kinds/define-kind";
import type { PieceCommon } from "./piece-common";
import type { Slot } from "./slots";

export type PieceOf<K extends Kind> = PieceCommon & {
  readonly kind: K;
  readonly figures: FiguresOf<(typeof kinds)[K]["figures"]>;
};

/** Any wearable thing. Narrow by `kind` to reach its figures. */
export type Piece = { [K in Kind]: PieceOf<K> }[Kind];

const specs: Readonly<Record<Kind, KindSpec>> = kinds;

/** What the core knows of a piece's kind. */
export function specOf({ kind }: Pick<Piece, "kind">): KindSpec {
  return specs[kind];
}

/** The slot a piece takes as an accessory; null for a garment that only belongs to a base. */
export function slotOf(piece: Piece): Slot | null {
  return specs[piece.kind].slot;
}

/** The place of a garment in a base; null for an accessory. */
export function placeOf(piece: Piece): GarmentPlace | null {
  return specs[piece.kind].place;
}

/** A garment that came with a belt of the same cloth, as far as it has not been left off. */
export function hasOwnBelt(piece: Piece): piece is Extract<Piece, { figures: { ownBelt: unknown } }> {
  return "ownBelt" in piece.figures && piece.figures.ownBelt;
}

/** A knitted top, fine or heavy. */
export function isKnit(piece: Piece): piece is PieceOf<"top"> {
  const { kind, finish, cloth } = piece;
  return kind === "top" && (finish === "knit" || cloth === "fine knit" || cloth === "heavy knit");
}

/** Where on the body a piece is looked at. */
export function bodyZoneOf(piece: Pick<Piece, "kind">): BodyZone {
  return specs[piece.kind].zone;
}

/** Narrows to pieces of one kind. */
export function isKind<K extends Kind>(piece: Piece, kind: K): piece is Extract<Piece, { kind: K }> {
  return piece.kind === kind;
}

const jewellery: ReadonlySet<Kind> = new Set([
  "earrings",
  "ear cuff",
  "necklace",
  "brooch",
  "bracelet",
  "watch",
  "ring",
]);

/** Jewellery and watches, which are made of metal and stones rather than of cloth or leather. */
export function isJewellery({ kind }: Pick<Piece, "kind">): boolean {
  return jewellery.has(kind);
}

/** Where the neck of a piece as worn begins to open, cm above the footbed; null where it shows nothing. */
export function openingOf(worn: Piece, body: Body): number | null {
  return specOf(worn).opening?.(worn.figures, body) ?? null;
}

/** Whether a piece as worn hides what is under it down the middle. */
export function hides(worn: Piece): boolean {
  return specOf(worn).hides?.(worn.figures) ?? true;
}

/** Whether a shoe shows the toes. */
export function isOpenToed(shoe: PieceOf<"shoe">): boolean {
  const { form, toe } = shoe.figures;
  return toe === "open" || form === "sandal" || form === "thong";
}

/** Whether a piece is known to speak as much as that (0-3): of one of which nobody has said it, it is not. */
export function speaks({ statement }: Pick<Piece, "statement">, least: number): boolean {
  return statement !== null && statement >= least;
}

/** A trainer of whatever make: soft-soled, sporting, and read as such. */
export function isTrainer({ figures: { form } }: PieceOf<"shoe">): boolean {
  return form === "trainer" || form === "running shoe";
}

/** A garment with legs, whose hems meet the shoe: trousers or a jumpsuit. */
export type Legged = PieceOf<"trousers"> | PieceOf<"jumpsuit">;

export function isLegged(piece: Piece): piece is Legged {
  return piece.kind === "trousers" || piece.kind === "jumpsuit";
}

/** A garment cut to be worn over others with a tailor's collar: it holds a pocket square. */
export function isTailoredLayer(piece: Piece): boolean {
  return placeOf(piece) === "layer" && piece.poles.includes("tailored");
}

/** The same garment with its legs cut to other figures. */
export function recut<G extends Legged>(garment: G, cut: Partial<PieceOf<"trousers">["figures"]>): G {
  const left = (names: readonly string[]) => names.filter((name) => !(name in cut));
  const [unsaid, assumed] = [left(garment.unsaid), left(garment.assumed)];
  return { ...garment, figures: { ...garment.figures, ...cut }, unsaid, assumed };
}

/** A hanging, flaring or wide leg, whose full length is judged against the floor. */
export function hangsWide(trousers: Legged): boolean {
  return trousers.figures.leg === "wide" || trousers.figures.leg === "flared";
}

/** A piece as it is drawn for somebody outside: its photo stays with the studio. */
export function withoutPhoto({ photo: _kept, ...piece }: Piece): Piece {
  return piece;
}
