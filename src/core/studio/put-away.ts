/** What can be put away and brought back. */
export const putAwayKinds = [
  "client",
  "piece",
  "base",
  "set",
  "occasion",
  "look",
  "missing piece",
  "template",
] as const;
export type PutAwayKind = (typeof putAwayKinds)[number];

/** After how many days a studio may have purged what was put away. */
export const purgeTimes = [30, 90, 365] as const;

/** A record that was put away. */
export interface PutAwayRecord {
  readonly kind: PutAwayKind;
  readonly id: string;
  readonly name: string;
  /** Whose it is; null for the studio's own. */
  readonly client: string | null;
  /** When it was put away, as an ISO time. */
  readonly at: string;
}
