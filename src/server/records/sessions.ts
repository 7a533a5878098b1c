import { v7 as uuid } from "uuid";
import type { Role } from "@/core/studio/roles";
import type { Tenant } from "../db/tenant";

/** Who is signed in, for which studio, and as what. */
export interface Session {
  readonly id: string;
  readonly userId: string;
  readonly userName: string;
  readonly email: string;
  readonly studioId: string;
  readonly studioName: string;
  readonly role: Role;
}

/** A session as its person sees it. */
export interface SeenSession {
  readonly id: string;
  readonly device: string;
  readonly begunAt: string;
  readonly usedAt: string;
}

/** A session that is not used for so long has ended; one that is as old as that too, however much it is used. */
const idle = "14 days";
const longest = "90 days";
/** How old the last use may be before it is written down again. */
const renewedAfter = "5 minutes";

const holds = `ended_at is null and used_at > now() - interval '${idle}' and created_at > now() - interval '${longest}'`;

/** Begins a session of a member; gives back its id. */
export async function beginSession(tenant: Tenant, userId: string, device: string): Promise<string> {
  const id = uuid();
  await tenant("sessions").insert({ studio_id: tenant.studioId, id, user_id: userId, device });
  return id;
}

/**
 * A session that holds, with what its member is now; null when it was ended, has expired, or the member is gone.
 * Its use is written down.
 */
export async function findSession(tenant: Tenant, id: string): Promise<Session | null> {
  const { rows } = await tenant.raw<{ rows: (Omit<Session, "studioId"> & { is_stale: boolean })[] }>(
    `select s.id, s.user_id as "userId", u.name as "userName", u.email, t.name as "studioName", m.role,
       s.used_at < now() - interval '${renewedAfter}' as is_stale
     from (select * from sessions where studio_id = :studio and id = :id and ${holds}) s
       join memberships m on m.studio_id = s.studio_id and m.user_id = s.user_id
       join users u on u.id = s.user_id join studios t on t.id = s.studio_id`,
    { studio: tenant.studioId, id },
  );
  const [row] = rows;
  if (!row) return null;
  const { is_stale, ...session } = row;
  if (is_stale)
    await tenant("sessions").where({ studio_id: tenant.studioId, id }).update({ used_at: tenant.fn.now() });
  return { ...session, studioId: tenant.studioId };
}

/** A member's sessions that hold, the last used first. */
export async function listSessions(tenant: Tenant, userId: string): Promise<SeenSession[]> {
  const rows = await tenant("sessions")
    .where({ studio_id: tenant.studioId, user_id: userId })
    .whereRaw(holds)
    .orderBy("used_at", "desc")
    .select("id", "device", "created_at", "used_at");
  return rows.map(({ id, device, created_at, used_at }) => ({
    id,
    device,
    begunAt: created_at.toISOString(),
    usedAt: used_at.toISOString(),
  }));
}

/** Ends one session of a member, or all of them but one. */
export async function endSessions(
  tenant: Tenant,
  userId: string,
  which: { readonly id: string } | { readonly allBut: string | null },
): Promise<void> {
  const query = tenant("sessions")
    .where({ studio_id: tenant.studioId, user_id: userId })
    .whereNull("ended_at");
  if ("id" in which) void query.where({ id: which.id });
  else if (which.allBut !== null) void query.whereNot({ id: which.allBut });
  await query.update({ ended_at: tenant.fn.now() });
}
