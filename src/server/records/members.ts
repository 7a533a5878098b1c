import { v7 as uuid } from "uuid";
import type { InvitationRecord, MemberRecord } from "@/core/studio/member-record";
import type { Role } from "@/core/studio/roles";
import { sayWith } from "@/words/say";
import { serverWords } from "@/words/server";
import type { Tenant } from "../db/tenant";
import { NotFound, Refusal } from "./refusal";

/** The members of the studio, the owners first. */
export async function listMembers(tenant: Tenant): Promise<MemberRecord[]> {
  const { rows } = await tenant.raw<{ rows: (Omit<MemberRecord, "usedAt"> & { used_at: Date | null })[] }>(
    `select m.user_id as "userId", u.name, u.email, m.role,
       (select max(s.used_at) from sessions s
         where s.studio_id = m.studio_id and s.user_id = m.user_id and s.ended_at is null) as used_at
     from memberships m join users u on u.id = m.user_id
     where m.studio_id = ? order by array_position(array['owner', 'stylist', 'assistant'], m.role), u.name`,
    [tenant.studioId],
  );
  return rows.map(({ used_at, ...member }) => ({ ...member, usedAt: used_at?.toISOString() ?? null }));
}

/** Gives a member another role. @throws Refusal for the last owner's, NotFound */
export async function setRole(tenant: Tenant, userId: string, role: Role): Promise<void> {
  await keepAnOwner(tenant, userId, role);
  const changed = await tenant("memberships")
    .where({ studio_id: tenant.studioId, user_id: userId })
    .update({ role });
  if (changed === 0) throw new NotFound(`no member ${userId}`);
}

/** Removes a member: every session of hers here ends with it. @throws Refusal for the last owner, NotFound */
export async function removeMember(tenant: Tenant, userId: string): Promise<void> {
  await keepAnOwner(tenant, userId, null);
  const removed = await tenant("memberships").where({ studio_id: tenant.studioId, user_id: userId }).delete();
  if (removed === 0) throw new NotFound(`no member ${userId}`);
}

/** A studio that nobody owns could never be changed again. */
async function keepAnOwner(tenant: Tenant, userId: string, role: Role | null): Promise<void> {
  if (role === "owner") return;
  // Of two owners who remove one another at once, the second waits here and sees what the first has done.
  const owners = await tenant("memberships")
    .where({ studio_id: tenant.studioId, role: "owner" })
    .orderBy("user_id")
    .forUpdate()
    .select("user_id");
  if (owners.length === 1 && owners[0]?.user_id === userId)
    throw new Refusal("userId", serverWords.thisIsTheStudiosOnly);
}

/** How long an invitation may be taken up, in days. */
const invitedFor = 7;

/** Invites somebody by the hash of a one-time link; an earlier invitation of the same address ends. */
export async function invite(
  tenant: Tenant,
  invitation: {
    readonly email: string;
    readonly role: Role;
    readonly tokenHash: string;
    readonly madeBy: string;
  },
): Promise<void> {
  const { email, role, tokenHash, madeBy } = invitation;
  const already = (await listMembers(tenant)).some((member) => member.email === email);
  if (already) throw new Refusal("email", sayWith(serverWords.worksHereAlready, { email }));
  await tenant("invitations")
    .where({ studio_id: tenant.studioId, email })
    .whereNull("ended_at")
    .update({ ended_at: tenant.fn.now() });
  await tenant("invitations").insert({
    studio_id: tenant.studioId,
    id: uuid(),
    email,
    role,
    token_hash: tokenHash,
    made_by: madeBy,
    expires_at: tenant.raw(`now() + interval '${invitedFor} days'`),
  });
}

/** The invitations that can still be taken up, the newest first. */
export async function listInvitations(tenant: Tenant): Promise<InvitationRecord[]> {
  const rows = await tenant("invitations")
    .where({ studio_id: tenant.studioId })
    .whereNull("ended_at")
    .whereRaw("expires_at > now()")
    .orderBy("id", "desc")
    .select("id", "email", "role", "expires_at");
  return rows.map(({ expires_at, ...row }) => ({ ...row, expiresAt: expires_at.toISOString() }));
}

/** Takes an invitation back. @throws NotFound */
export async function endInvitation(tenant: Tenant, id: string): Promise<void> {
  const ended = await tenant("invitations")
    .where({ studio_id: tenant.studioId, id })
    .update({ ended_at: tenant.fn.now() });
  if (ended === 0) throw new NotFound(`no invitation ${id}`);
}
