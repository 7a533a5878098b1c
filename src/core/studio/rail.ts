import { familyOf } from "../colour/family";
import { shadeOf } from "../colour/shade";
import { kindNames, kinds, type Kind } from "../piece/kinds";
import type { Piece } from "../piece/piece";
import { slots } from "../piece/slots";
import type { Swatch } from "../piece/swatch";
import type { PieceRecord } from "./piece-record";

/** What of the rail is looked at: all of it, garments, accessories, or one slot. */
export const shelves = ["all", "garments", "accessories", ...slots] as const;
export type Shelf = (typeof shelves)[number];

/** The kinds that hang on a shelf. */
export function kindsOn(shelf: Shelf): readonly Kind[] {
  return kindNames.filter((kind) => {
    const { place, slot } = kinds[kind];
    if (shelf === "all") return true;
    if (shelf === "garments") return place !== null;
    return shelf === "accessories" ? place === null : slot === shelf;
  });
}

/** What the rail can be put in order by; as it comes, the piece recorded last stands first. */
export const railOrders = ["newest", "name", "finish", "level", "state"] as const;
export type RailOrder = (typeof railOrders)[number];

/** Stands for an owner where the pieces of the studio itself are meant. */
export const studioKit = "kit";

/** What is asked of the rail. */
export interface RailWish {
  /** A client's id, `studioKit`, or null for everybody's. */
  readonly owner: string | null;
  readonly shelf: Shelf;
  /** Words that a piece's name, kind, finish, metal or colours must all have. */
  readonly words: string;
  readonly order: RailOrder;
  readonly falling: boolean;
}

/** Some pieces of the rail, from one place on, and how many answer to the wish in all. */
export interface RailWindow {
  readonly from: number;
  readonly pieces: readonly PieceRecord[];
  readonly count: number;
}

/** How many pieces are fetched at once. */
export const railWindowSize = 100;

/** The colours of a piece that is found by them: every swatch but what lies inside. */
export function familiesOf(swatches: readonly Swatch[]): string[] {
  const seen = swatches.filter(({ role }) => role !== "reverse");
  return [...new Set(seen.map(({ hex }) => familyOf(shadeOf(hex))))];
}

/** The words a piece is found by, in small letters. */
export function wordsOfPiece(piece: Pick<Piece, "name" | "kind" | "finish" | "metal" | "swatches">): string {
  const { name, kind, finish, metal, swatches } = piece;
  return [name, kind, finish, metal, ...familiesOf(swatches)].join(" ").toLowerCase();
}
