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

/** What a phone takes up to make the codes of a second step from, before it holds. */
export interface ProposedStep {
  /** In base 32, to be typed where no picture can be taken. */
  readonly secret: string;
  /** Opens the app that makes the codes, where it is on this very device. */
  readonly address: string;
  /** The address as a picture of squares: how many a side, and those that are dark, as an SVG path. */
  readonly picture: { readonly size: number; readonly path: string };
}
