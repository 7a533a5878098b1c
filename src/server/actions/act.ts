import "server-only";
import type Joi from "joi";
import { refused, type Outcome } from "@/core/schema/outcome";
import { validate } from "@/core/schema/validate";
import { inStudio, type Tenant } from "../db/tenant";
import { NotFound, StaleWrite } from "../records/stale-write";
import { requireSession } from "../session/session";

/**
 * The way every action goes: session, Joi, records. What was sent is refused with a sentence for each bad
 * field; what goes wrong in the database is said plainly, and then nothing has been written.
 */
export async function act<I, O>(
  schema: Joi.Schema<I>,
  input: unknown,
  work: (tenant: Tenant, value: I) => Promise<O>,
): Promise<Outcome<O>> {
  const session = await requireSession();
  const checked = validate(schema, input);
  if (!checked.ok) return checked;
  try {
    return { ok: true, value: await inStudio(session.studioId, (tenant) => work(tenant, checked.value)) };
  } catch (error) {
    return refusalOf(error);
  }
}

/** Codes of PostgreSQL for a row that points at nothing of this studio. */
const foreignKey = "23503";

function refusalOf<T>(error: unknown): Outcome<T> {
  if (error instanceof StaleWrite)
    return refused(
      "version",
      "Somebody else changed this meanwhile. What you typed is still here: compare, then save again.",
    );
  if (error instanceof NotFound)
    return refused("id", "This is no longer on record; it may have been put away.");
  const { code, name } = error as { code?: string; name?: string };
  if (code === foreignKey) return refused("id", "This names something that is not on record in this studio.");
  if (isUnreachable(code, name))
    return refused(
      "database",
      "The database does not answer. What you typed is still here: try again in a moment.",
    );
  throw error;
}

function isUnreachable(code: string | undefined, name: string | undefined): boolean {
  if (name === "KnexTimeoutError") return true;
  return (
    code !== undefined &&
    (/^(ECONN|EPIPE|ETIMEDOUT)/.test(code) || code.startsWith("57P") || code.startsWith("08"))
  );
}
