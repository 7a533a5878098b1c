"use server";

import Joi from "joi";
import { revalidatePath } from "next/cache";
import { create } from "qrcode";
import {
  invitationForm,
  memberForm,
  ownPasswordForm,
  passwordForm,
  roleForm,
  secondStepForm,
} from "@/core/schema/forms/member-form";
import type { Outcome } from "@/core/schema/outcome";
import { uuid } from "@/core/schema/parts";
import type { ProposedStep } from "@/core/studio/member-record";
import { sayWith } from "@/words/say";
import { serverWords } from "@/words/server";
import type { Tenant } from "../db/tenant";
import { passwordHashOf, setPassword, studiosOf } from "../records/doors";
import { endInvitation, invite, listMembers, removeMember, setRole } from "../records/members";
import { writeLetter } from "../records/letters";
import { NotFound, Refusal } from "../records/refusal";
import { beginSecondStep, endSecondStep } from "../records/second-steps";
import { endSessions } from "../records/sessions";
import { hashPassword, passwordFits } from "../session/password";
import { weakness } from "../session/password-strength";
import { newSecondStep, newSpareCodes, turnOf } from "../session/second-step";
import { openSession } from "../session/session";
import { newToken } from "../session/tokens";
import { act } from "./act";

const nothing = Joi.object<Readonly<Record<string, never>>>({});

/** Invites somebody by a one-time link, and writes the letter that brings it; answers with the path of the link. */
export async function inviteMember(input: unknown): Promise<Outcome<string>> {
  const outcome = await act("lead", invitationForm, input, async (tenant, { email, role }, session) => {
    const { token, hash } = newToken();
    const path = `/join/${token}`;
    await invite(tenant, { email, role, tokenHash: hash, madeBy: session.userId });
    await writeLetter(tenant, {
      recipient: email,
      subject: `${session.userName} invites you to ${session.studioName}`,
      body: sayWith(serverWords.workWithInJuxtaneAs, { studioName: session.studioName, role, path }),
    });
    return path;
  });
  if (outcome.ok) revalidatePath("/members");
  return outcome;
}

/** Takes an invitation back. */
export async function withdrawInvitation(input: unknown): Promise<Outcome<null>> {
  const outcome = await act(
    "lead",
    Joi.object<{ id: string }>({ id: uuid.required() }),
    input,
    async (tenant, { id }) => {
      await endInvitation(tenant, id);
      return null;
    },
  );
  if (outcome.ok) revalidatePath("/members");
  return outcome;
}

export async function changeRole(input: unknown): Promise<Outcome<null>> {
  const outcome = await act("lead", roleForm, input, async (tenant, { userId, role }) => {
    await setRole(tenant, userId, role);
    return null;
  });
  if (outcome.ok) revalidatePath("/", "layout");
  return outcome;
}

/** Removes a member, who is out with the next thing she asks for. */
export async function dismissMember(input: unknown): Promise<Outcome<null>> {
  const outcome = await act("lead", memberForm, input, async (tenant, { userId }) => {
    await removeMember(tenant, userId);
    return null;
  });
  if (outcome.ok) revalidatePath("/members");
  return outcome;
}

/** Signs a member out everywhere. */
export async function signMemberOut(input: unknown): Promise<Outcome<null>> {
  const outcome = await act("lead", memberForm, input, async (tenant, { userId }) => {
    const isMember = (await listMembers(tenant)).some((member) => member.userId === userId);
    if (!isMember) throw new NotFound(`no member ${userId}`);
    await endSessions(tenant, userId, { allBut: null });
    return null;
  });
  if (outcome.ok) revalidatePath("/members");
  return outcome;
}

/** Signs oneself out on another device. */
export async function endOwnSession(input: unknown): Promise<Outcome<null>> {
  const outcome = await act(
    "see",
    Joi.object<{ id: string }>({ id: uuid.required() }),
    input,
    async (tenant, { id }, { userId }) => {
      await endSessions(tenant, userId, { id });
      return null;
    },
  );
  if (outcome.ok) revalidatePath("/members");
  return outcome;
}

/** Signs oneself out everywhere but here. */
export async function endOtherSessions(input: unknown): Promise<Outcome<null>> {
  const outcome = await act("see", nothing, input, async (tenant, _, { userId, id }) => {
    await endSessions(tenant, userId, { allBut: id });
    return null;
  });
  if (outcome.ok) revalidatePath("/members");
  return outcome;
}

/** Changes one's own password: every other session ends, and this one begins anew. */
export async function changePassword(input: unknown): Promise<Outcome<null>> {
  const outcome = await act("see", passwordForm, input, async (tenant, { password, next }, session) => {
    await refuseStranger(tenant, session.userId, "password", password);
    const why = weakness(next, [session.userName, session.email, session.studioName]);
    if (why) throw new Refusal("next", why);
    return { session, passwordHash: await hashPassword(next) };
  });
  if (!outcome.ok) return outcome;
  // Outside the transaction: the door ends sessions, among them the one that was just read.
  await setPassword(outcome.value.session.userId, outcome.value.passwordHash);
  await openSession(outcome.value.session);
  revalidatePath("/members");
  return { ok: true, value: null };
}

/** What a phone takes up to make codes from: nothing is kept until the first of them is typed. */
export async function proposeSecondStep(input: unknown): Promise<Outcome<ProposedStep>> {
  return act("see", nothing, input, (_, __, { email }) => {
    const { secret, address } = newSecondStep(email);
    const { modules } = create(address, { errorCorrectionLevel: "M" });
    const dark = [...modules.data].flatMap((isDark, at) =>
      isDark ? `M${at % modules.size} ${Math.floor(at / modules.size)}h1v1h-1z` : [],
    );
    return Promise.resolve({ secret, address, picture: { size: modules.size, path: dark.join("") } });
  });
}

/** Asks for a code of one's phone from now on; answers with spare codes, which are shown this once. */
export async function setUpSecondStep(input: unknown): Promise<Outcome<readonly string[]>> {
  const outcome = await act(
    "see",
    secondStepForm,
    input,
    async (tenant, { secret, code, ownPassword }, { userId }) => {
      await refuseStranger(tenant, userId, "ownPassword", ownPassword);
      const turn = turnOf(secret, code);
      if (turn === null) throw new Refusal("code", serverWords.thisCodeDoesNotFit);
      const { codes, hashes } = newSpareCodes();
      await beginSecondStep(tenant, userId, { secret, turn, spareHashes: hashes });
      return codes;
    },
  );
  if (outcome.ok) revalidatePath("/members");
  return outcome;
}

/** One's password is enough again. */
export async function dropSecondStep(input: unknown): Promise<Outcome<null>> {
  const outcome = await act("see", ownPasswordForm, input, async (tenant, { ownPassword }, { userId }) => {
    await refuseStranger(tenant, userId, "ownPassword", ownPassword);
    await endSecondStep(tenant, userId);
    return null;
  });
  if (outcome.ok) revalidatePath("/members");
  return outcome;
}

/** Whoever sits before an open session may not be its person. @throws Refusal */
async function refuseStranger(
  tenant: Tenant,
  userId: string,
  field: string,
  password: string,
): Promise<void> {
  if (!(await passwordFits(password, await passwordHashOf(tenant, userId))))
    throw new Refusal(field, serverWords.thisIsNotYourPassword);
}

/** Goes to another studio one works in. */
export async function switchStudio(input: unknown): Promise<Outcome<null>> {
  const schema = Joi.object<{ studioId: string }>({ studioId: uuid.required() });
  const outcome = await act("see", schema, input, async (tenant, { studioId }, { userId }) => {
    const studio = (await studiosOf(userId, tenant)).find((each) => each.studioId === studioId);
    if (!studio) throw new NotFound(`no studio ${studioId} of theirs`);
    return { studioId, userId };
  });
  if (!outcome.ok) return outcome;
  await openSession(outcome.value);
  revalidatePath("/", "layout");
  return { ok: true, value: null };
}
