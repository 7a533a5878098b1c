import type { Occasion } from "../../piece/occasion";
import type { Piece } from "../../piece/piece";
import type { RuleBook } from "../../rule-book/rule-book";
import type { ClientInput, Taken } from "../../studio/client-record";
import type { Declined } from "../../studio/declined";
import type { GapInput } from "../../studio/gap-record";
import type { GroupRecord } from "../../studio/group-record";
import type { LinkReply } from "../../studio/link-record";
import type { LookRecord } from "../../studio/look-record";
import type { LookStep } from "../../studio/look-steps";
import type { Overruling } from "../../studio/overruling";
import type { PieceRecord } from "../../studio/piece-record";

/**
 * Everything on record of one client. What is named in it is named by ids of the file's own; moments are ISO times, and
 * days yyyy-mm-dd. Every list but the rule books stands in the order in which it was recorded.
 */
export interface ClientFile {
  readonly client: Omit<ClientInput, "measured" | "ruleBook">;
  /** Everything that was ever measured, the oldest first: of each measurement the last holds. */
  readonly measurements: readonly Taken[];
  /** Every version of her rule book, the oldest first: the last is the one she is read by. */
  readonly ruleBooks: readonly { readonly book: RuleBook; readonly madeAt: string }[];
  readonly pieces: readonly FiledPiece[];
  readonly occasions: readonly (Filed & { readonly occasion: Occasion })[];
  readonly bases: readonly (Filed & Omit<FiledGroup, "ways">)[];
  readonly sets: readonly FiledSet[];
  readonly looks: readonly FiledLook[];
  readonly overrulings: readonly FiledOverruling[];
  readonly declined: readonly FiledDeclined[];
  readonly gaps: readonly FiledGap[];
  readonly links: readonly FiledLink[];
}

/** What can be put away: when it was; null where it is not. */
interface Filed {
  readonly putAwayAt: string | null;
}

/** A piece of hers, or one of the studio's kit that something of hers names. */
export interface FiledPiece extends Filed, Pick<PieceRecord, "state" | "backOn" | "needs"> {
  readonly piece: Piece;
  readonly ofKit: boolean;
  /** The SHA-256 of its photo in hex, by which the photo is found in the archive; null where it has none. */
  readonly photo: string | null;
}

type FiledGroup = Pick<GroupRecord, "id" | "name" | "pieceIds" | "ways">;

interface FiledSet extends Filed, FiledGroup {
  readonly retiredAt: string | null;
  /** The days on which it was worn; one that was struck out stays on record. */
  readonly worn: readonly { readonly day: string; readonly struckAt: string | null }[];
}

export interface FiledLook extends Filed, Omit<LookRecord, "clientId" | "version"> {
  /** When it was last worked on. */
  readonly keptAt: string;
  readonly steps: readonly LookStep[];
}

/** What the stylist said, and later took back or not. */
interface Said {
  readonly madeAt: string;
  readonly withdrawnAt: string | null;
}

type FiledOverruling = Omit<Overruling, "id"> & Said;
type FiledDeclined = Omit<Declined, "id"> & Said;
type FiledGap = Filed & Omit<GapInput, "clientId">;

/** A link that was sent, with what was answered. Its address is not in the file: it opens nothing elsewhere. */
interface FiledLink {
  readonly greeting: string;
  readonly madeAt: string;
  readonly expiresAt: string;
  readonly openedAt: string | null;
  readonly looks: readonly {
    readonly lookId: string;
    readonly reply: Omit<LinkReply, "lookId"> | null;
  }[];
}
