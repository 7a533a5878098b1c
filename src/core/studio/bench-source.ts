import type { Declined } from "./declined";
import type { LinkReply } from "./link-record";
import type { KeptReading, LookRecord } from "./look-record";
import type { LookState, LookStep } from "./look-steps";
import type { Ways } from "./group-record";
import type { Overruling } from "./overruling";
import type { OnRecord } from "../piece/on-record";
import type { Piece } from "../piece/piece";
import type { Occasion } from "../piece/occasion";
import type { Client } from "../piece/client";

/** A base or a set as the bench needs it: a name over pieces. */
export interface NamedPieces {
  readonly id: string;
  readonly name: string;
  readonly pieceIds: readonly string[];
  /** How the scarf of a set is tied; left out: nobody has said. */
  readonly ways?: Ways;
}

/** The look on the bench, by ids: one of its base and its occasion. */
export interface BenchLook extends LookState {
  readonly id: string;
  readonly baseId: string;
  readonly occasionId: string | null;
  /** The step it stands at; null where none was recorded. */
  readonly stepId: string | null;
  /** What it was read as when it was last kept. */
  readonly read: KeptReading | null;
}

/** A look on record of the client who is on the bench: whose it is goes without saying. */
export type OwnLook = Omit<LookRecord, "clientId">;

/** What is laid on the bench: a client's wardrobe from the studio, or a look from a file. */
export interface BenchSource {
  readonly client: Client;
  readonly pieces: readonly Piece[];
  /** Ids of the pieces in care or on loan. */
  readonly away: readonly string[];
  /** Ids of the pieces that are the studio's, lent to whoever needs them. */
  readonly kit: readonly string[];
  readonly bases: readonly NamedPieces[];
  readonly sets: readonly NamedPieces[];
  readonly occasions: readonly Occasion[];
  /** The client's looks on record, the one last worked on first. */
  readonly looks: readonly OwnLook[];
  readonly start: BenchLook;
  /** The steps of the look to start with, the oldest first. */
  readonly startSteps: readonly LookStep[];
  /** What the stylist overruled for this client. */
  readonly overrulings: readonly Overruling[];
  /** What the client answered to looks that were sent to her, of each look the last; left out for a look from a file. */
  readonly replies?: readonly LinkReply[];
  /** What is not to be offered to this client, the newest first. */
  readonly declined: readonly Declined[];
  /** What is on record of care, wear and company; left out for a look from a file that says none. */
  readonly onRecord?: OnRecord;
  /** The last day each piece was worn, yyyy-mm-dd, by its id; and today. */
  readonly lastWorn: Readonly<Record<string, string>>;
  readonly today: string;
  /** False for a look from a file: it is read, not kept. */
  readonly kept: boolean;
}
