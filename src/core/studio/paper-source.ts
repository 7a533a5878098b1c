import type { LengthUnit } from "../length/length";
import type { Client } from "../piece/client";
import type { Legged, Piece } from "../piece/piece";
import type { Scarf, TieSettings } from "../piece/tied-scarf";
import type { TailorAnswer } from "../reading/tailor";
import type { Reach } from "../search/reach";
import type { GapRecord } from "./gap-record";
import type { Ways } from "./group-record";
import type { ShownLook } from "./shown-look";

/** What is handed over on paper. */
export const paperKinds = [
  "look-cards",
  "lookbook",
  "packing-list",
  "shopping-list",
  "tailors-sheet",
  "scarf-card",
] as const;
export type PaperKind = (typeof paperKinds)[number];

/** How many of a client's looks can be handed over, the ones last worked on. */
export const mostHandedOver = 120;

/** The sheets it comes on: half a sheet of A4, or as a phone is held. */
export const sheetNames = ["a5", "phone"] as const;
export type SheetName = (typeof sheetNames)[number];

/**
 * What is answered where how far a PDF has come is asked for: lines of "at of", then "pdf" with its size in bytes and
 * the file itself; or "failed".
 */
export const paperProgressType = "application/x-juxtane-paper";

/** A set with what it makes of each of the client's bases. */
export interface PaperSet {
  readonly id: string;
  readonly name: string;
  readonly pieces: readonly Piece[];
  readonly ways: Ways;
  readonly reach: readonly Reach[];
}

/** Trousers with the shoes they are worn with, and what to ask the tailor for. */
export interface PaperHem {
  readonly trousers: Legged;
  readonly shoes: readonly Piece[];
  readonly answer: TailorAnswer;
}

/** A scarf with its tie, and what it is tied over and to. */
export interface PaperScarf {
  readonly scarf: Scarf;
  readonly settings: TieSettings;
  readonly garments: readonly Piece[];
  readonly tiedTo: readonly Piece[];
}

/** All that a paper of a client is made from, read already. */
export interface PaperSource {
  /** The studio's name. */
  readonly studio: string;
  readonly unit: LengthUnit;
  /** Today, yyyy-mm-dd. */
  readonly today: string;
  readonly client: Client;
  /** The looks that were chosen, in the order in which they are worn. */
  readonly looks: readonly ShownLook[];
  readonly sets: readonly PaperSet[];
  readonly gaps: readonly GapRecord[];
  readonly hems: readonly PaperHem[];
  /** Null where no scarf was chosen, or it cannot be tied so. */
  readonly scarf: PaperScarf | null;
}
