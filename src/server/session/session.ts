import "server-only";
import { getIronSession } from "iron-session";
import { cookies, headers } from "next/headers";
import { cache } from "react";
import { validate as isId } from "uuid";
import { inStudio } from "../db/tenant";
import { beginSession, endSessions, findSession, type Session } from "../records/sessions";

/** What the cookie holds: which session of which studio. Whether it still holds is for the record to say. */
export interface SealedSession {
  readonly studioId: string;
  readonly userId: string;
  readonly sessionId: string;
}

/** As long as a session may last at most, in seconds. */
const lifetime = 60 * 60 * 24 * 90;

/** Behind TLS the browser takes the cookie from this host alone, over TLS alone; plain http is only ever on loopback. */
const isSecure = () => process.env.JUXTANE_HTTPS === "1";

/** A seal as this package makes it: what follows the version is not sealed, so nothing may follow it. */
const whole = /^Fe26\.2\*[^~]+~2$/;

async function jar() {
  const store = await cookies();
  const password = process.env.SESSION_SECRET;
  if (!password) throw new Error("SESSION_SECRET is not set: it seals the session cookies");
  const cookieName = isSecure() ? "__Host-juxtane" : "juxtane";
  const kept = {
    get: (name: string) => {
      const cookie = store.get(name);
      return cookie && whole.test(cookie.value) ? cookie : undefined;
    },
    // Its types let an absent option be undefined as well, which Next's do not.
    set: (...cookie: unknown[]) => void store.set(...(cookie as Parameters<typeof store.set>)),
  };
  const options = {
    cookieName,
    password,
    ttl: lifetime,
    cookieOptions: { httpOnly: true, sameSite: "lax", path: "/", secure: isSecure() },
  } as const;
  try {
    return await getIronSession<Partial<SealedSession>>(kept, options);
  } catch {
    // A cookie that somebody has tampered with is as good as none.
    return getIronSession<Partial<SealedSession>>({ ...kept, get: () => undefined }, options);
  }
}

/** What the cookie of this request names; null where there is none that was sealed here. Opened once for each request. */
export const sealedSession = cache(async (): Promise<SealedSession | null> => {
  const { studioId, userId, sessionId } = await jar();
  if (!isId(studioId) || !isId(userId) || !isId(sessionId)) return null;
  return { studioId, userId, sessionId } as SealedSession;
});

/** The session of this request; null when nobody is signed in, or no longer. Asked once for each request. */
export const currentSession = cache(async (): Promise<Session | null> => {
  const sealed = await sealedSession();
  return sealed && inStudio(sealed.studioId, (tenant) => findSession(tenant, sealed.sessionId));
});

/** Signs a member in on this device. */
export async function openSession(member: {
  readonly studioId: string;
  readonly userId: string;
}): Promise<void> {
  const { studioId, userId } = member;
  const device = deviceOf((await headers()).get("user-agent") ?? "");
  const sessionId = await inStudio(studioId, (tenant) => beginSession(tenant, userId, device));
  const cookie = await jar();
  Object.assign(cookie, { studioId, userId, sessionId });
  await cookie.save();
}

/** Signs out here: the session ends, and the cookie goes. */
export async function closeSession(): Promise<void> {
  const sealed = await sealedSession();
  if (sealed)
    await inStudio(sealed.studioId, (tenant) => endSessions(tenant, sealed.userId, { id: sealed.sessionId }));
  (await jar()).destroy();
}

/** A browser and its system in a few words, so that somebody knows her own devices again. */
function deviceOf(agent: string): string {
  const browser = /(Firefox|Edg|Chrome|Safari)/.exec(agent)?.[1]?.replace("Edg", "Edge") ?? "a browser";
  const system = /(Windows|Android|iPhone|iPad|Mac OS|Linux)/.exec(agent)?.[1] ?? "an unknown system";
  return `${browser} on ${system}`;
}
