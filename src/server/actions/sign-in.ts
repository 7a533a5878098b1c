"use server";

import { firstRunForm, signInForm, type SignedIn } from "@/core/schema/forms/sign-in-form";
import { forgottenForm, joiningForm, resetForm } from "@/core/schema/forms/member-form";
import type { Outcome } from "@/core/schema/outcome";
import { validate } from "@/core/schema/validate";
import { scopeOf } from "@/core/studio/scope";
import { sayWith } from "@/words/say";
import { serverWords } from "@/words/server";
import { hashOfCode } from "../db/first-code";
import { inStudio } from "../db/tenant";
import {
  acceptInvitation,
  beginReset,
  endReset,
  foundStudio,
  invitationOf,
  memberByEmail,
  noStudioYet,
  studiosOf,
} from "../records/doors";
import { Refusal } from "../records/refusal";
import { secondStepOf } from "../records/second-steps";
import { setTimeZone } from "../records/studio";
import { forgive, secondsToFound, secondsToWait } from "../session/attempts";
import { callerAddress } from "../session/caller";
import { hashPassword, passwordFits } from "../session/password";
import { weakness } from "../session/password-strength";
import { passes } from "../session/second-step";
import { openSession } from "../session/session";
import { hashOfToken, newToken } from "../session/tokens";
import { outcomeOf } from "./outcome-of";

/** Signs in with an email and a password, and the code of a second step where one is set up. */
export async function signIn(input: unknown): Promise<Outcome<SignedIn>> {
  const checked = validate(signInForm, input);
  if (!checked.ok) return checked;
  const { email: address, password, code = "", studioId } = checked.value;
  return outcomeOf(async () => {
    const member = await fitting(address, password, code);
    const { userId } = member;
    const isTheirs =
      studioId !== null && (await studiosOf(userId)).some((each) => each.studioId === studioId);
    const session = { userId, studioId: isTheirs ? studioId : member.studioId };
    await openSession(session);
    return { scope: scopeOf(session) };
  });
}

/** Who has an address, its password and the code of a second step; tries are counted. @throws Refusal */
async function fitting(address: string, password: string, code: string) {
  const caller = await callerAddress();
  refuseHaste(await secondsToWait(address, caller));
  const member = await memberByEmail(address);
  const fits = await passwordFits(password, member?.passwordHash ?? null);
  if (!member || !fits) throw new Refusal("password", serverWords.emailAndPasswordDoNot);
  const step = await secondStepOf(member.userId);
  if (step && code === "") throw new Refusal("code", serverWords.nowTheCodeThatYour);
  if (step && !(await passes(member.userId, step, code)))
    throw new Refusal("code", serverWords.thisCodeDoesNotFitOr);
  await forgive(address, caller);
  return member;
}

function refuseHaste(seconds: number): void {
  if (seconds === 0) return;
  const wait =
    seconds > 90 ? `${Math.ceil(seconds / 60)} minutes` : seconds > 1 ? `${seconds} seconds` : "a second";
  throw new Refusal("password", sayWith(serverWords.tooManyTriesWaitThen, { wait }));
}

/** What the database's doors refuse, by its code, and where the sentence stands. */
const doorSays = {
  JX001: ["studioName", serverWords.aStudioWasFoundedHere],
  JX002: ["code", serverWords.thisIsNotTheCode],
  JX003: ["token", serverWords.thisLinkDoesNotHold],
} as const;
type DoorCode = keyof typeof doorSays;
const refusalOf = (code: DoorCode) => {
  const [field, say] = doorSays[code];
  return new Refusal(field, say);
};

/** What a door of the database answered; its refusals in a sentence. */
async function throughDoor<T>(work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (error) {
    const { code } = error as { code?: string };
    throw code !== undefined && Object.hasOwn(doorSays, code) ? refusalOf(code as DoorCode) : error;
  }
}

function refuseWeak(field: string, password: string, own: readonly string[]): void {
  const why = weakness(password, own);
  if (why) throw new Refusal(field, why);
}

/** Founds the first studio of an empty database and signs its owner in. */
export async function createFirstStudio(input: unknown): Promise<Outcome<null>> {
  const checked = validate(firstRunForm, input);
  if (!checked.ok) return checked;
  const { studioName, userName, email: address, password, timeZone, code } = checked.value;
  return outcomeOf(async () => {
    refuseHaste(await secondsToFound(await callerAddress()));
    // A hash costs: whoever comes too late is told before it is made.
    if (!(await noStudioYet())) throw refusalOf("JX001");
    refuseWeak("password", password, [studioName, userName, address]);
    const passwordHash = await hashPassword(password);
    const codeHash = hashOfCode(code);
    const ids = await throughDoor(() =>
      foundStudio({ studioName, userName, email: address, passwordHash, codeHash }),
    );
    await inStudio(ids.studioId, (tenant) => setTimeZone(tenant, timeZone)).catch(leaveAsIs);
    await openSession(ids);
    return null;
  });
}

/** A device may be in a zone the database does not know: the studio then begins in UTC, and can choose. */
function leaveAsIs(error: unknown): void {
  if (!(error instanceof Refusal)) throw error;
}

/** Takes an invitation up: as somebody new, or with the password one has; signs in to that studio. */
export async function join(input: unknown): Promise<Outcome<null>> {
  const checked = validate(joiningForm, input);
  if (!checked.ok) return checked;
  const { token, userName, password, code = "" } = checked.value;
  return outcomeOf(async () => {
    const invitation = await invitationOf(hashOfToken(token));
    if (!invitation) throw refusalOf("JX003");
    if (invitation.isKnown) await fitting(invitation.email, password, code);
    else refuseWeak("password", password, [userName, invitation.email, invitation.studioName]);
    const passwordHash = invitation.isKnown ? "" : await hashPassword(password);
    await openSession(
      await throughDoor(() => acceptInvitation(hashOfToken(token), { name: userName, passwordHash })),
    );
    return null;
  });
}

/** Sends a way to a new password to an address; the answer is the same whether somebody has it or not. */
export async function askForReset(input: unknown): Promise<Outcome<null>> {
  const checked = validate(forgottenForm, input);
  if (!checked.ok) return checked;
  const { email: address } = checked.value;
  return outcomeOf(async () => {
    refuseHaste(await secondsToWait(address, await callerAddress()));
    const { token, hash } = newToken();
    await beginReset(address, hash, {
      subject: "A new password for Juxtane",
      body: sayWith(serverWords.somebodyAskedForANew, { address, token }),
    });
    return null;
  });
}

/** Sets a new password by the link of a letter; every session of theirs ends. */
export async function setForgottenPassword(input: unknown): Promise<Outcome<null>> {
  const checked = validate(resetForm, input);
  if (!checked.ok) return checked;
  const { token, next } = checked.value;
  return outcomeOf(async () => {
    refuseHaste(await secondsToFound(await callerAddress()));
    refuseWeak("next", next, []);
    const passwordHash = await hashPassword(next);
    await throughDoor(() => endReset(hashOfToken(token), passwordHash));
    return null;
  });
}
