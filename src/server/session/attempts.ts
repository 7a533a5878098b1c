import "server-only";
import { RateLimiterPostgres } from "rate-limiter-flexible";
import { database } from "../db/database";

const byAddress = limiter("address", 40);
const byEmail = limiter("email", 8);

/** Sign-ins are counted over a quarter of an hour, for an account and for a caller's address. */
function limiter(keyPrefix: string, points: number) {
  let made: RateLimiterPostgres | undefined;
  return () =>
    (made ??= new RateLimiterPostgres({
      storeClient: database(),
      storeType: "knex",
      tableName: "sign_in_attempts",
      tableCreated: true,
      keyPrefix,
      points,
      duration: 15 * 60,
    }));
}

/** Counts an attempt; false when there were too many, and the password is then not even looked at. */
export async function mayTry(email: string, address: string): Promise<boolean> {
  try {
    await byAddress().consume(address);
    await byEmail().consume(email.toLowerCase());
    return true;
  } catch (reason) {
    if (reason instanceof Error) throw reason;
    return false;
  }
}

/** A sign-in that succeeded clears the account's count. */
export async function forgive(email: string): Promise<void> {
  await byEmail().delete(email.toLowerCase());
}
