/** What a client says to a look that was sent to her. */
export const linkAnswers = ["yes", "maybe", "no"] as const;
export type LinkAnswer = (typeof linkAnswers)[number];

/** How many looks a link may show. */
export const mostLooksOfLink = 40;

/** For how many days a link may hold. */
export const linkDays = [3, 7, 14, 30] as const;

/** A client's answer to one look. */
export interface LinkReply {
  readonly lookId: string;
  readonly answer: LinkAnswer;
  readonly words: string;
  /** When it was given last, as ISO 8601 has it. */
  readonly at: string;
}

/** An answer with whose it is, and to which look. */
export interface NewReply extends LinkReply {
  readonly clientId: string;
  readonly clientName: string;
  readonly look: string;
}

/** What would be sent for a link: there is no mail yet, so it waits in the outbox. */
export interface OutboxLetter {
  readonly recipient: string;
  readonly subject: string;
  readonly body: string;
  /** The path of the link it brings. */
  readonly path: string;
}

/** A private link to some looks of a client. */
export interface LinkRecord {
  readonly id: string;
  readonly clientId: string;
  readonly lookIds: readonly string[];
  readonly greeting: string;
  /** Moments, as ISO 8601 has them; null: it was not ended, or not opened. */
  readonly madeAt: string;
  readonly expiresAt: string;
  readonly endedAt: string | null;
  readonly openedAt: string | null;
  readonly replies: readonly LinkReply[];
  readonly letter: OutboxLetter | null;
}

/** Whether a link still opens at a moment. */
export function holds(
  { expiresAt, endedAt }: Pick<LinkRecord, "expiresAt" | "endedAt">,
  now: string,
): boolean {
  return endedAt === null && Date.parse(expiresAt) > Date.parse(now);
}
