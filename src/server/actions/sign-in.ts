"use server";

import { headers } from "next/headers";
import { redirect } from "next/navigation";
import { refused, type Outcome } from "@/core/schema/outcome";
import { firstRunForm, signInForm } from "@/core/schema/forms/sign-in-form";
import { validate } from "@/core/schema/validate";
import { inStudio } from "../db/tenant";
import { foundStudio, memberByEmail } from "../records/members";
import { Refusal } from "../records/refusal";
import { setTimeZone } from "../records/studio";
import { forgive, mayTry } from "../session/attempts";
import { hashPassword, passwordFits } from "../session/password";
import { closeSession, openSession } from "../session/session";

/** Signs in with an email and a password. */
export async function signIn(input: unknown): Promise<Outcome<null>> {
  const checked = validate(signInForm, input);
  if (!checked.ok) return checked;
  const { email: address, password } = checked.value;
  if (!(await mayTry(address, await callerAddress())))
    return refused("password", "Too many tries. Wait a quarter of an hour, then try again.");
  const member = await memberByEmail(address);
  const fits = await passwordFits(password, member?.passwordHash ?? null);
  if (!member || !fits) return refused("password", "Email and password do not fit together.");
  await forgive(address);
  const { userId, userName, studioId, studioName, role } = member;
  await openSession({ userId, userName, studioId, studioName, role });
  return { ok: true, value: null };
}

export async function signOut(): Promise<void> {
  await closeSession();
  redirect("/sign-in");
}

/** Founds the first studio of an empty database and signs its owner in. */
export async function createFirstStudio(input: unknown): Promise<Outcome<null>> {
  const checked = validate(firstRunForm, input);
  if (!checked.ok) return checked;
  const { studioName, userName, email: address, password, timeZone } = checked.value;
  try {
    const passwordHash = await hashPassword(password);
    const ids = await foundStudio({ studioName, userName, email: address, passwordHash });
    await inStudio(ids.studioId, (tenant) => setTimeZone(tenant, timeZone)).catch(leaveAsIs);
    await openSession({ ...ids, userName, studioName, role: "owner" });
  } catch (error) {
    if ((error as { code?: string }).code === "JX001")
      return refused("studioName", "A studio was founded here already: sign in instead.");
    throw error;
  }
  return { ok: true, value: null };
}

async function callerAddress(): Promise<string> {
  const forwarded = (await headers()).get("x-forwarded-for");
  return forwarded?.split(",")[0]?.trim() ?? "direct";
}

/** A device may be in a zone the database does not know: the studio then begins in UTC, and can choose. */
function leaveAsIs(error: unknown): void {
  if (!(error instanceof Refusal)) throw error;
}
