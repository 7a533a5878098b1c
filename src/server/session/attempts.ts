import "server-only";
import { createHash } from "node:crypto";
import { RateLimiterPostgres, RateLimiterRes } from "rate-limiter-flexible";
import { database } from "../db/database";

const hour = 60 * 60;

/** Tries of one account from one address: a few are free, then each waits longer than the one before. */
const pair = limiter("pair", 1_000_000, 24 * hour);
const pause = limiter("pause", 1, hour);
/** Tries from one address, of whatever accounts. */
const address = limiter("address", 40, hour / 4);
/** Tries of one account from everywhere: they are never refused, so that nobody can lock its owner out, but slow. */
const account = limiter("account", 1_000_000, hour);
/** Private links opened and answered from one address: far more than a client does, far fewer than guessing takes. */
const links = limiter("links", 120, hour / 4);
/** Tries to found the first studio from one address. */
const founding = limiter("founding", 10, hour / 4);

const freeTries = 5;
const longestPause = hour / 4;
/** Tries of an account in an hour before each answer comes later, and by how much, in ms. */
const calm = 30;
const slower = { each: 100, most: 3000 } as const;

/**
 * The limiter's package gives its statements names. A statement that was prepared by name on one connection of a pooler
 * is not there on the next: here they go without.
 */
const unnamed = {
  async query({ text, values }: { readonly text: string; readonly values?: readonly unknown[] }) {
    const { client } = database() as unknown as { readonly client: ConnectionsOfPool };
    const connection = await client.acquireConnection();
    try {
      return await connection.query({ text, values });
    } finally {
      await client.releaseConnection(connection);
    }
  },
};

interface ConnectionsOfPool {
  acquireConnection(): Promise<Connection>;
  releaseConnection(connection: Connection): Promise<void>;
}

interface Connection {
  query(statement: {
    readonly text: string;
    readonly values: readonly unknown[] | undefined;
  }): Promise<unknown>;
}

function limiter(keyPrefix: string, points: number, duration: number) {
  let made: RateLimiterPostgres | undefined;
  return () =>
    (made ??= new RateLimiterPostgres({
      storeClient: unnamed,
      storeType: "pool",
      tableName: "sign_in_attempts",
      tableCreated: true,
      keyPrefix,
      points,
      duration,
    }));
}

/** Keys are of one length, however long what is typed is. */
function keyOf(...parts: readonly string[]): string {
  return createHash("sha256").update(parts.join("\0").toLowerCase()).digest("base64url").slice(0, 32);
}

/**
 * Counts a try to sign in.
 * @returns 0 when it may go on, or how many seconds to wait; the password is then not even looked at
 */
export async function secondsToWait(email: string, caller: string): Promise<number> {
  const own = keyOf(email, caller);
  const waits = await consumed(address().consume(keyOf(caller)));
  if (waits > 0) return waits;
  const { consumedPoints: tries } = await pair().consume(own);
  const over = tries - freeTries;
  if (over > 0) {
    const customDuration = Math.min(longestPause, 2 ** Math.min(over, 12));
    const paused = await consumed(pause().consume(own, 1, { customDuration }));
    if (paused > 0) {
      await pair().reward(own);
      return paused;
    }
  }
  const { consumedPoints: everywhere } = await account().consume(keyOf(email));
  if (everywhere > calm)
    await new Promise((resolve) =>
      setTimeout(resolve, Math.min(slower.most, (everywhere - calm) * slower.each)),
    );
  return 0;
}

/** A sign-in that succeeded clears what was counted for it. */
export async function forgive(email: string, caller: string): Promise<void> {
  await pair().delete(keyOf(email, caller));
  await pause().delete(keyOf(email, caller));
  await account().delete(keyOf(email));
}

/** Counts a try to found the first studio; seconds to wait, as above. */
export function secondsToFound(caller: string): Promise<number> {
  return consumed(founding().consume(keyOf(caller)));
}

/** Counts an opening of a private link, or an answer on one; seconds to wait, as above. */
export function secondsToLink(caller: string): Promise<number> {
  return consumed(links().consume(keyOf(caller)));
}

/** 0 for what was granted; the seconds until it is for what was not. */
async function consumed(asked: Promise<RateLimiterRes>): Promise<number> {
  try {
    await asked;
    return 0;
  } catch (reason) {
    if (reason instanceof RateLimiterRes) return Math.max(1, Math.ceil(reason.msBeforeNext / 1000));
    throw reason;
  }
}
