import type { KeptReading } from "./look-record";
import type { Overruling } from "./overruling";
import type { Piece } from "../piece/piece";
import type { Occasion } from "../piece/occasion";
import type { Client } from "../piece/client";
import type { Adjustment } from "../piece/adjustment";
import type { Verdict } from "../reading/verdict";

/** A base or a set as the bench needs it: a name over pieces. */
export interface NamedPieces {
  readonly id: string;
  readonly name: string;
  readonly pieceIds: readonly string[];
}

/** The look on the bench, by ids. */
export interface BenchLook {
  readonly id: string;
  readonly baseId: string;
  readonly occasionId: string | null;
  readonly accessoryIds: readonly string[];
  readonly adjustments: readonly Adjustment[];
  /** The stylist's own verdict, which stands above the computed one. */
  readonly ownVerdict: Verdict | null;
  /** What it was read as when it was last kept. */
  readonly read: KeptReading | null;
}

/** What is laid on the bench: a client's wardrobe from the studio, or a look from a file. */
export interface BenchSource {
  readonly client: Client;
  readonly pieces: readonly Piece[];
  /** Ids of the pieces in care or on loan. */
  readonly away: readonly string[];
  readonly bases: readonly NamedPieces[];
  readonly sets: readonly NamedPieces[];
  readonly occasions: readonly Occasion[];
  readonly start: BenchLook;
  /** What the stylist overruled for this client. */
  readonly overrulings: readonly Overruling[];
  /** False for a look from a file: it is read, not kept. */
  readonly kept: boolean;
}
