import { v7 as uuid } from "uuid";
import { database } from "../db/database";

/** Who signs in: known before any studio is, so asked through the database's own doors. */
export interface Member {
  readonly userId: string;
  readonly userName: string;
  readonly passwordHash: string;
  readonly studioId: string;
  readonly studioName: string;
  readonly role: "owner" | "stylist" | "assistant";
}

interface MemberRow {
  user_id: string;
  user_name: string;
  password_hash: string;
  studio_id: string;
  studio_name: string;
  role: Member["role"];
}

export async function memberByEmail(email: string): Promise<Member | null> {
  const result = await database().raw<{ rows: MemberRow[] }>("select * from member_by_email(?)", [email]);
  const [row] = result.rows;
  if (!row) return null;
  return {
    userId: row.user_id,
    userName: row.user_name,
    passwordHash: row.password_hash,
    studioId: row.studio_id,
    studioName: row.studio_name,
    role: row.role,
  };
}

/** Whether nobody has founded a studio in this database yet. */
export async function noStudioYet(): Promise<boolean> {
  const result = await database().raw<{ rows: { no_studio_yet: boolean }[] }>("select no_studio_yet()");
  return result.rows[0]?.no_studio_yet ?? false;
}

export interface Founding {
  readonly studioName: string;
  readonly userName: string;
  readonly email: string;
  readonly passwordHash: string;
}

/** Founds the first studio with its owner. @throws when there is one already (code JX001) */
export async function foundStudio(founding: Founding): Promise<{ studioId: string; userId: string }> {
  const ids = { studioId: uuid(), userId: uuid() };
  const { studioName, userName, email, passwordHash } = founding;
  await database().raw("select found_studio(?, ?, ?, ?, ?, ?)", [
    ids.studioId,
    studioName,
    ids.userId,
    userName,
    email,
    passwordHash,
  ]);
  return ids;
}
