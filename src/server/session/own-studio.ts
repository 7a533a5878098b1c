import "server-only";
import { inStudio, type Tenant } from "../db/tenant";
import { requireSession } from "./session";

/** Loads something of the signed-in studio in its tenant transaction; a visitor is sent to sign in. */
export async function inOwnStudio<T>(work: (tenant: Tenant) => Promise<T>): Promise<T> {
  const { studioId } = await requireSession();
  return inStudio(studioId, work);
}
