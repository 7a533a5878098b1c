import "server-only";
import { redirect } from "next/navigation";
import { inStudio, type Tenant } from "../db/tenant";
import { findSession, type Session } from "../records/sessions";
import { sealedSession } from "./session";

/** Loads something of the signed-in studio in its tenant transaction; a visitor is sent to sign in. */
export async function inOwnStudio<T>(work: (tenant: Tenant, session: Session) => Promise<T>): Promise<T> {
  const sealed = await sealedSession();
  const loaded = sealed && (await inStudio(sealed.studioId, load(sealed.sessionId)));
  return loaded ? loaded.value : redirect("/sign-in");

  function load(sessionId: string) {
    return async (tenant: Tenant) => {
      const session = await findSession(tenant, sessionId);
      return session && { value: await work(tenant, session) };
    };
  }
}
