import "server-only";
import type Joi from "joi";
import { refused, type Outcome } from "@/core/schema/outcome";
import { validate } from "@/core/schema/validate";
import { inStudio, type Tenant } from "../db/tenant";
import { log } from "../log";
import { NotFound, Refusal, StaleWrite } from "../records/refusal";
import { requireSession } from "../session/session";

/**
 * The way every action goes: session, Joi, records. What was sent is refused with a sentence for each bad
 * field; what goes wrong in the database is said plainly, and then nothing has been written.
 * @param now what is on record, in the shape of what is sent: laid beside a write that came too late
 */
export async function act<I, O>(
  schema: Joi.Schema<I>,
  input: unknown,
  work: (tenant: Tenant, value: I) => Promise<O>,
  now?: (tenant: Tenant, value: I) => Promise<I | null>,
): Promise<Outcome<O>> {
  const session = await requireSession();
  const checked = validate(schema, input);
  if (!checked.ok) return checked;
  try {
    return { ok: true, value: await inStudio(session.studioId, (tenant) => work(tenant, checked.value)) };
  } catch (error) {
    const refusal = refusalOf<O>(error);
    if (refusal.ok || !now || !(error instanceof StaleWrite)) return refusal;
    const theirs = await inStudio(session.studioId, (tenant) => now(tenant, checked.value));
    return { ...refusal, theirs };
  }
}

/** Codes of PostgreSQL for a row that points at nothing of this studio. */
const foreignKey = "23503";

function refusalOf<T>(error: unknown): Outcome<T> {
  if (error instanceof Refusal) return refused(error.field, error.message);
  if (error instanceof StaleWrite)
    return refused(
      "version",
      "Somebody else changed this meanwhile. What you typed is still here: compare, then save again.",
    );
  if (error instanceof NotFound)
    return refused("id", "This is no longer on record; it may have been put away.");
  const { code, name } = error as { code?: string; name?: string };
  if (code === foreignKey) return refused("id", "This names something that is not on record in this studio.");
  if (isUnreachable(error)) {
    log.warn({ code, name }, "the database does not answer");
    return refused(
      "database",
      "The database does not answer. What you typed is still here: try again in a moment.",
    );
  }
  throw error;
}

/** Codes of the network and of PostgreSQL (class 08, 57P) for a server that is not there or is going. */
const unreachable = /^(ECONN|EPIPE|ETIMEDOUT|57P|08)/;

function isUnreachable(error: unknown): boolean {
  const { code, name, message } = error as { code?: string; name?: string; message?: string };
  if (name === "KnexTimeoutError" || (code !== undefined && unreachable.test(code))) return true;
  // A connection that was cut under way carries no code.
  return /Connection (terminated|ended)/.test(message ?? "");
}
