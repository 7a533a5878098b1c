import "server-only";
import { getIronSession } from "iron-session";
import { cookies } from "next/headers";
import { redirect } from "next/navigation";

/** Who is signed in, and for which studio. */
export interface Session {
  readonly userId: string;
  readonly userName: string;
  readonly studioId: string;
  readonly studioName: string;
  readonly role: "owner" | "stylist" | "assistant";
}

const lifetime = 60 * 60 * 24 * 14;

async function sealed() {
  const store = await cookies();
  const password = process.env.SESSION_SECRET;
  if (!password) throw new Error("SESSION_SECRET is not set: it seals the session cookies");
  const jar = {
    get: (name: string) => store.get(name),
    // Its types let an absent option be undefined as well, which Next's do not.
    set: (...cookie: unknown[]) => void store.set(...(cookie as Parameters<typeof store.set>)),
  };
  return getIronSession<Partial<Session>>(jar, {
    cookieName: "juxtane",
    password,
    ttl: lifetime,
    cookieOptions: {
      httpOnly: true,
      sameSite: "lax",
      // Plain http is only ever used on loopback; behind a balancer this is set.
      secure: process.env.JUXTANE_HTTPS === "1",
    },
  });
}

/** The session of this request; null when nobody is signed in. */
export async function currentSession(): Promise<Session | null> {
  const { userId, userName, studioId, studioName, role } = await sealed();
  if (!userId || !userName || !studioId || !studioName || !role) return null;
  return { userId, userName, studioId, studioName, role };
}

/** The session of this request; sends a visitor to the sign-in page. */
export async function requireSession(): Promise<Session> {
  return (await currentSession()) ?? redirect("/sign-in");
}

export async function openSession(session: Session): Promise<void> {
  const cookie = await sealed();
  Object.assign(cookie, session);
  await cookie.save();
}

export async function closeSession(): Promise<void> {
  (await sealed()).destroy();
}
