import type { Client } from "pg";

/** How long the database may say nothing to a question before it counts as hung, in ms. */
const silence = 3500;

/** How long a new connection, and one from the pool, may take, in ms: with both, everybody is told within 6 s. */
export const patience = { connect: 3500, acquire: 4500 } as const;

/**
 * Cuts a connection on which the database has said nothing for too long to a question: what waits on it is told
 * at once, and so is the rollback after it, which would else wait as long again. The server rolls back by itself.
 */
export function cutWhenSilent(client: Client): void {
  // The types do not know the socket, nor whether an answer is awaited; both are the driver's own.
  const { connection } = client as unknown as { readonly connection: { readonly stream: Socketlike } };
  const driven = client as unknown as { readonly readyForQuery: boolean };
  connection.stream.setTimeout(silence, () => {
    if (!driven.readyForQuery) connection.stream.destroy(new Silence());
  });
}

interface Socketlike {
  setTimeout(ms: number, call: () => void): unknown;
  destroy(error: Error): unknown;
}

class Silence extends Error {
  readonly code = "ETIMEDOUT";
  constructor() {
    super("the database said nothing to a question");
  }
}

/**
 * Codes of the network and of PostgreSQL for a server that is not there, is going, or has no time: class 08 and
 * 57, a lock that was not given (55P03), a transaction that was closed for idling (25P03).
 */
const outage = /^(ECONN|EPIPE|ETIMEDOUT|57|08|55P03|25P03)/;

/** Whether an error says that the database did not answer, rather than that something is wrong with a question. */
export function isOutage(error: unknown): boolean {
  const { code, name, message } = error as { code?: string; name?: string; message?: string };
  if (name === "KnexTimeoutError" || (code !== undefined && outage.test(code))) return true;
  // A connection that was cut under way, or never came, carries no code.
  return /Connection (terminated|ended)|timeout expired|connection error and is not queryable/.test(
    message ?? "",
  );
}
