import "server-only";

import type Joi from "joi";
import { refused, type Outcome } from "@/core/schema/outcome";
import { validate } from "@/core/schema/validate";
import { mayDo, sayMayNot, type Deed } from "@/core/studio/roles";
import { serverWords } from "@/words/server";
import { actAs, inStudio, type Tenant } from "../db/tenant";
import { Refusal } from "../records/refusal";
import { findSession, type Session } from "../records/sessions";
import { sealedSession, type SealedSession } from "../session/session";
import { outcomeOf, staleField } from "./outcome-of";

/** What is said to a page whose session has ended: it stays as it is, and one signs in beside it. */
const signedOut = serverWords.youAreSignedOutWhat;

/**
 * The way every action goes: session, Joi, role, records. What was sent is refused with a sentence for each bad
 * field; what goes wrong in the database is said plainly, and then nothing has been written.
 * @param deed what it is to do this: the one table of roles says who may
 */
export async function act<I, O>(
  deed: Deed,
  schema: Joi.Schema<I>,
  input: unknown,
  work: (tenant: Tenant, value: I, session: Session) => Promise<O>,
): Promise<Outcome<O>> {
  return actBesideOthers(deed, schema, input, { work, now: null });
}

/** How an action is done that several may be doing at once. */
interface ActionSteps<I, O, P> {
  /** What takes its time and needs no record: it is done before the transaction, once it is known that one may. */
  readonly before?: (value: I) => Promise<P>;
  readonly work: (tenant: Tenant, value: I, session: Session, prepared: P | null) => Promise<O>;
  /** What is on record: laid beside a write that came too late. */
  readonly now: ((tenant: Tenant, value: I) => Promise<object | null>) | null;
}

/** The same for what several may be writing at once, or what takes its time beforehand. */
export async function actBesideOthers<I, O, P = never>(
  deed: Deed,
  schema: Joi.Schema<I>,
  input: unknown,
  { before, work, now }: ActionSteps<I, O, P>,
): Promise<Outcome<O>> {
  const sealed = await sealedSession();
  if (!sealed) return refused("session", signedOut);
  // An action sent with nothing at all has no field to be missing.
  const checked = validate(schema.required(), input);
  if (!checked.ok) return checked;
  const { studioId } = sealed;
  const prepared = await preparedFor(sealed, deed, before && (() => before(checked.value)));
  if (!prepared.ok) return prepared;
  const outcome = await asMember(sealed, deed, (tenant, session) =>
    work(tenant, checked.value, session, prepared.value),
  );
  if (outcome.ok || !now || !outcome.faults.some(({ field }) => field === staleField)) return outcome;
  const theirs = await outcomeOf(() => inStudio(studioId, (tenant) => now(tenant, checked.value)));
  return theirs.ok ? { ...outcome, theirs: theirs.value } : { ok: false, faults: theirs.faults };
}

/** What is done before the transaction, for a member who may do what follows. */
async function preparedFor<P>(
  sealed: SealedSession,
  deed: Deed,
  before: (() => Promise<P>) | undefined,
): Promise<Outcome<P | null>> {
  if (!before) return { ok: true, value: null };
  const may = await asMember(sealed, deed, () => Promise.resolve(null));
  return may.ok ? outcomeOf(before) : may;
}

/** Work in the tenant transaction of a member who may do it; refused where nobody is signed in, or somebody who may not. */
export async function asMember<O>(
  sealed: SealedSession | null,
  deed: Deed,
  work: (tenant: Tenant, session: Session) => Promise<O>,
): Promise<Outcome<O>> {
  if (!sealed) return refused("session", signedOut);
  const { studioId, sessionId } = sealed;
  return outcomeOf(() =>
    inStudio(studioId, async (tenant) => {
      const session = await findSession(tenant, sessionId);
      if (!session) throw new Refusal("session", signedOut);
      if (!mayDo(session.role, deed)) throw new Refusal("role", sayMayNot(deed));
      await actAs(tenant, session.userId);
      return work(tenant, session);
    }),
  );
}
