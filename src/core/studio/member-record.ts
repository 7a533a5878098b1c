import type { Role } from "./roles";

/** Somebody who works in the studio. */
export interface MemberRecord {
  readonly userId: string;
  readonly name: string;
  readonly email: string;
  readonly role: Role;
  /** When she last did something here, as an ISO time; null where no session of hers holds. */
  readonly usedAt: string | null;
}

/** An invitation that was not taken up yet. */
export interface InvitationRecord {
  readonly id: string;
  readonly email: string;
  readonly role: Role;
  readonly expiresAt: string;
}

/** What somebody changed in the studio's records. */
export interface ChangeRecord {
  readonly id: string;
  readonly at: string;
  /** Null where no member did it, such as the demo's own beginning. */
  readonly by: string | null;
  readonly record: string;
  readonly name: string;
  readonly deed: "added" | "changed" | "put away" | "brought back" | "removed";
  readonly fields: readonly string[];
}
