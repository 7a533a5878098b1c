import type { Knex } from "knex";
import { v7 as uuid } from "uuid";
import type { Role } from "@/core/studio/roles";
import { database } from "../db/database";

/*
 * What is asked before a studio is known, or of all of them: each through a function of the database's owner that
 * answers just this.
 */

/** Who signs in: known before any studio is, so asked through the database's own doors. */
export interface Member {
  readonly userId: string;
  readonly userName: string;
  readonly passwordHash: string;
  readonly studioId: string;
  readonly studioName: string;
  readonly role: Role;
}

/** Asks a door on a connection of its own. */
export function throughDoor<Row>(call: string, ...given: readonly unknown[]): Promise<Row[]> {
  return throughDoorOn(database(), call, ...given);
}

/** Asks a door on a connection that is held already: who waits for a second one while holding one may wait for ever. */
export async function throughDoorOn<Row>(
  on: Knex,
  call: string,
  ...given: readonly unknown[]
): Promise<Row[]> {
  const { rows } = await on.raw<{ rows: Row[] }>(`select * from ${call}`, given as never);
  return rows;
}

export async function memberByEmail(email: string): Promise<Member | null> {
  const [row] = await throughDoor<Record<string, string>>("member_by_email(?)", email);
  if (!row) return null;
  return {
    userId: row.user_id ?? "",
    userName: row.user_name ?? "",
    passwordHash: row.password_hash ?? "",
    studioId: row.studio_id ?? "",
    studioName: row.studio_name ?? "",
    role: row.role as Role,
  };
}

/** Whether nobody has founded a studio in this database yet. */
export async function noStudioYet(): Promise<boolean> {
  const [row] = await throughDoor<{ no_studio_yet: boolean }>("no_studio_yet()");
  return row?.no_studio_yet ?? false;
}

export interface Founding {
  readonly studioName: string;
  readonly userName: string;
  readonly email: string;
  readonly passwordHash: string;
  /** Hash of the code that was printed when the database was prepared. */
  readonly codeHash: string;
}

/**
 * Founds the first studio with its owner.
 * @throws when there is one already (code JX001), or when the code does not fit (JX002)
 */
export async function foundStudio(founding: Founding): Promise<{ studioId: string; userId: string }> {
  const ids = { studioId: uuid(), userId: uuid() };
  const { studioName, userName, email, passwordHash, codeHash } = founding;
  await throughDoor(
    "found_studio(?, ?, ?, ?, ?, ?, ?)",
    ids.studioId,
    studioName,
    ids.userId,
    userName,
    email,
    passwordHash,
    codeHash,
  );
  return ids;
}

/** The studios somebody works in, by name; asked within a transaction where one is held. */
export async function studiosOf(
  userId: string,
  on: Knex = database(),
): Promise<{ readonly studioId: string; readonly studioName: string; readonly role: Role }[]> {
  const rows = await throughDoorOn<{ studio_id: string; studio_name: string; role: Role }>(
    on,
    "studios_of(?)",
    userId,
  );
  return rows.map((row) => ({ studioId: row.studio_id, studioName: row.studio_name, role: row.role }));
}

/** The hash of somebody's password, asked within a transaction; null for nobody. */
export async function passwordHashOf(on: Knex, userId: string): Promise<string | null> {
  const [row] = await throughDoorOn<{ sign_in_facts: string | null }>(on, "sign_in_facts(?)", userId);
  return row?.sign_in_facts ?? null;
}

/** Sets somebody's password and ends every session of theirs, in whatever studio. */
export async function setPassword(userId: string, passwordHash: string): Promise<void> {
  await throughDoor("change_password(?, ?)", userId, passwordHash);
}

/** What an invitation says to whoever holds its link; null when it does not hold any more. */
export async function invitationOf(tokenHash: string) {
  const [row] = await throughDoor<{
    studio_id: string;
    studio_name: string;
    id: string;
    email: string;
    role: Role;
    is_known: boolean;
  }>("invitation_by_token(?)", tokenHash);
  if (!row) return null;
  return { studioName: row.studio_name, email: row.email, role: row.role, isKnown: row.is_known };
}

/** Takes an invitation up, once. @throws when it does not hold (code JX003) */
export async function acceptInvitation(
  tokenHash: string,
  newcomer: { readonly name: string; readonly passwordHash: string },
): Promise<{ studioId: string; userId: string }> {
  const [row] = await throughDoor<{ studio_id: string; user_id: string }>(
    "accept_invitation(?, ?, ?, ?)",
    tokenHash,
    uuid(),
    newcomer.name,
    newcomer.passwordHash,
  );
  return { studioId: row?.studio_id ?? "", userId: row?.user_id ?? "" };
}

/** How long a way to a new password holds, in hours. */
const resetFor = 2;

/**
 * Opens a way to a new password for whoever has an address, and writes the letter that says so; nothing where nobody
 * has it.
 */
export async function beginReset(
  email: string,
  tokenHash: string,
  letter: { readonly subject: string; readonly body: string },
): Promise<void> {
  const until = new Date(Date.now() + resetFor * 3_600_000);
  await throughDoor(
    "begin_reset(?, ?, ?, ?, ?, ?)",
    email,
    tokenHash,
    until,
    uuid(),
    letter.subject,
    letter.body,
  );
}

/** Sets a new password by a one-time link. @throws when it does not hold (code JX003) */
export async function endReset(tokenHash: string, passwordHash: string): Promise<void> {
  await throughDoor("end_reset(?, ?)", tokenHash, passwordHash);
}

/** The studios that have set a time after which what was put away goes. */
export async function studiosThatPurge(): Promise<string[]> {
  return (await throughDoor<{ studio_id: string }>("studios_that_purge()")).map((row) => row.studio_id);
}

/** The studios in which somebody was erased for whom the time to take it back is over. */
export async function studiosThatErase(): Promise<string[]> {
  return (await throughDoor<{ studio_id: string }>("studios_that_erase()")).map((row) => row.studio_id);
}

/** The link that a token opens, and whose it is; null when it opens none, or none any more. */
export async function linkByToken(tokenHash: string): Promise<{ studioId: string; linkId: string } | null> {
  const [row] = await throughDoor<{ studio_id: string; id: string }>("link_by_token(?)", tokenHash);
  return row ? { studioId: row.studio_id, linkId: row.id } : null;
}
