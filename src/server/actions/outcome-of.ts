import "server-only";

import { refused, type Outcome } from "@/core/schema/outcome";
import { serverWords } from "@/words/server";
import { isOutage } from "../db/outage";
import { log } from "../log";
import { NotFound, Refusal, StaleWrite } from "../records/refusal";

/** The field at which a write is refused that came too late. */
export const staleField = "version";

/** What came of some work: its value, or the sentence for what refused it. @throws what nobody foresaw */
export async function outcomeOf<T>(work: () => Promise<T>): Promise<Outcome<T>> {
  try {
    return { ok: true, value: await work() };
  } catch (error) {
    return refusalOf<T>(error);
  }
}

/** Codes of PostgreSQL for a row that points at nothing of this studio. */
const foreignKey = "23503";
/** Class of PostgreSQL for a value that its column cannot hold. */
const unfitValue = "22";

function refusalOf<T>(error: unknown): Outcome<T> {
  if (error instanceof Refusal) return refused(error.field, error.message);
  if (error instanceof StaleWrite) return refused(staleField, serverWords.somebodyElseChangedThisMeanwhile);
  if (error instanceof NotFound) return refused("id", serverWords.thisIsNoLongerOn);
  const { code, name } = error as { code?: string; name?: string };
  if (code === foreignKey) return refused("id", serverWords.thisNamesSomethingThatIs);
  if (code?.startsWith(unfitValue)) {
    log.warn({ code, name }, "a value passed the checks and not the database");
    return refused("id", serverWords.somethingInThisCannotBe);
  }
  if (!isOutage(error)) throw error;
  log.warn({ code, name }, "the database does not answer");
  return refused("database", serverWords.theDatabaseDoesNotAnswer);
}
