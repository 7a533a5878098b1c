import { familyOf, type Family } from "../colour/family";
import type { Cloth } from "../finish/cloths";
import { finishes, finishNames, type Finish } from "../finish/finishes";
import type { Metal } from "../finish/metals";
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
  readonly narrowed: RailNarrowed;
}

/** How long a piece has not been worn, in days; "yet" is never. */
export const unwornSpans = ["a month", "three months", "a year", "yet"] as const;
export type UnwornSpan = (typeof unwornSpans)[number];
export const unwornDays: Readonly<Record<Exclude<UnwornSpan, "yet">, number>> = {
  "a month": 30,
  "three months": 91,
  "a year": 365,
};

export const seasons = ["warm months", "cold months"] as const;
export type Season = (typeof seasons)[number];

/** Which pieces are wanted beside whose they are, what they are and their words; null: any. */
export interface RailNarrowed {
  readonly family: Family | null;
  readonly metal: Metal | null;
  /** A level within the span at which it is at home. */
  readonly level: number | null;
  readonly season: Season | null;
  readonly state: PieceRecord["state"] | null;
  readonly cloth: Cloth | null;
  readonly unworn: UnwornSpan | null;
}

export const notNarrowed: RailNarrowed = {
  family: null,
  metal: null,
  level: null,
  season: null,
  state: null,
  cloth: null,
  unworn: null,
};

/** The rail narrowed in a way that somebody has given a name. */
export interface RailView {
  readonly name: string;
  /** The part of the address behind the question mark. */
  readonly query: string;
}

/** What pieces are made of that are for one half of the year alone. */
export function makingsOf(season: Season): {
  readonly finishes: readonly Finish[];
  readonly cloths: readonly Cloth[];
} {
  const wanted = season === "warm months" ? "warm" : "cold";
  return {
    finishes: finishNames.filter((name) => finishes[name].season === wanted),
    cloths: season === "warm months" ? ["linen"] : ["wool", "heavy knit"],
  };
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
export function familiesOf(swatches: readonly Swatch[]): Family[] {
  const seen = swatches.filter(({ role }) => role !== "reverse");
  return [...new Set(seen.map(({ hex }) => familyOf(shadeOf(hex))))];
}

/** The words a piece is found by, in small letters. */
export function wordsOfPiece(piece: Pick<Piece, "name" | "kind" | "finish" | "metal" | "swatches">): string {
  const { name, kind, finish, metal, swatches } = piece;
  return [name, kind, finish, metal, ...familiesOf(swatches)].join(" ").toLowerCase();
}
