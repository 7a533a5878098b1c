import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from "vitest";
import { Secret, TOTP } from "otpauth";
import { changePassword, dropSecondStep, proposeSecondStep, setUpSecondStep } from "@/server/actions/members";
import { signIn } from "@/server/actions/sign-in";
import { inStudio } from "@/server/db/tenant";
import { secondStepOf } from "@/server/records/second-steps";
import { setPassword } from "@/server/records/doors";
import { beginSession } from "@/server/records/sessions";
import { hashPassword } from "@/server/session/password";
import { turnOf } from "@/server/session/second-step";
import { opened, signedIn } from "./session-of-test";
import { asOwner, newStudio, newUser, signedInto } from "./studios";

const password = "copper-lantern-ferry";
const email = () => asOwner()("users").where({ id: signedIn.userId }).first<{ email: string }>("email");

beforeAll(async () => {
  signedIn.studioId = await newStudio("Second step");
});

beforeEach(async () => {
  signedIn.userId = await newUser();
  await setPassword(signedIn.userId, await hashPassword(password));
  signedIn.sessionId = await signedInto(signedIn.studioId, signedIn.userId);
  opened.length = 0;
  // A code holds for half a minute each way: the clock stands still, so that none runs out between two lines.
  vi.useFakeTimers({ toFake: ["Date"], now: Date.now() });
});

afterEach(() => {
  vi.useRealTimers();
});

const codeOf = (secret: string, turns = 0) =>
  new TOTP({ secret: Secret.fromBase32(secret) }).generate({ timestamp: Date.now() + turns * 30_000 });

/** Sets a second step up with the code before this one; what it is made of, and the spare codes. */
async function setUp() {
  const proposed = await proposeSecondStep({});
  if (!proposed.ok) throw new Error("nothing was proposed");
  const { secret } = proposed.value;
  const outcome = await setUpSecondStep({ secret, code: codeOf(secret, -1), ownPassword: password });
  if (!outcome.ok) throw new Error(JSON.stringify(outcome));
  return { secret, spares: outcome.value };
}

const enter = async (code?: string) =>
  signIn({ email: (await email())?.email, password, ...(code === undefined ? {} : { code }) });
const asksAgain = { ok: false, faults: [{ field: "code" }] };

describe("a code of a phone", () => {
  // The secret and the times of RFC 6238, appendix B, whose codes end in these six digits.
  it.each([
    [59, "287082"],
    [1111111109, "081804"],
    [1234567890, "005924"],
    [2000000000, "279037"],
  ])("at second %d is %s, and holds half a minute longer each way", (second, code) => {
    const secret = Secret.fromLatin1("12345678901234567890").base32;
    const turn = Math.floor(second / 30);
    for (const late of [-30, 0, 30]) expect(turnOf(secret, code, (second + late) * 1000)).toBe(turn);
    for (const late of [-60, 60]) expect(turnOf(secret, code, (second + late) * 1000)).toBeNull();
  });
});

describe("a second step", () => {
  it("is asked for once it is set up, and lets in by each code once", async () => {
    const { secret } = await setUp();
    expect(await enter()).toMatchObject(asksAgain);
    expect(await enter("123")).toMatchObject(asksAgain);
    expect(opened).toHaveLength(0);
    const code = codeOf(secret);
    expect(await enter(` ${code.slice(0, 3)} ${code.slice(3)}`)).toMatchObject({ ok: true });
    expect(opened).toHaveLength(1);
    expect(await enter(code)).toMatchObject(asksAgain);
    // An earlier one that was not used is too old once a later one was.
    expect(await enter(codeOf(secret, -1))).toMatchObject(asksAgain);
  });

  it("lets in by a spare code, once each, and counts what is left", async () => {
    const { spares } = await setUp();
    expect(new Set(spares).size).toBe(8);
    expect(await enter(spares[0]?.toLowerCase())).toMatchObject({ ok: true });
    expect(await enter(spares[0])).toMatchObject(asksAgain);
    expect((await secondStepOf(signedIn.userId))?.spare).toBe(7);
  });

  it("is set up by a code that fits and one's own password alone, and anew only what is new holds", async () => {
    const first = await setUp();
    const { secret } = first;
    expect(await setUpSecondStep({ secret, code: codeOf(secret, 5), ownPassword: password })).toMatchObject(
      asksAgain,
    );
    expect(await setUpSecondStep({ secret, code: codeOf(secret), ownPassword: "not it" })).toMatchObject({
      ok: false,
      faults: [{ field: "ownPassword" }],
    });
    await setUp();
    expect(await enter(first.spares[1])).toMatchObject(asksAgain);
    expect(await enter(codeOf(secret))).toMatchObject(asksAgain);
  });

  it("outlives a new password, and is given up by one's own password alone", async () => {
    await setUp();
    const next = "harbour-violin-thimble";
    expect(await changePassword({ password, next })).toMatchObject({ ok: true });
    expect(await secondStepOf(signedIn.userId)).not.toBeNull();
    signedIn.sessionId = await inStudio(signedIn.studioId, (tenant) =>
      beginSession(tenant, signedIn.userId, "another device"),
    );
    expect(await dropSecondStep({ ownPassword: password })).toMatchObject({
      ok: false,
      faults: [{ field: "ownPassword" }],
    });
    expect(await dropSecondStep({ ownPassword: next })).toMatchObject({ ok: true });
    expect(await secondStepOf(signedIn.userId)).toBeNull();
  });

  it("counts a guessed code as a try: after a few one has to wait", async () => {
    await setUp();
    const outcomes = [];
    for (let guess = 0; guess < 9; guess += 1) outcomes.push(await enter(`00000${guess}`));
    expect(outcomes.at(-1)).toMatchObject({
      ok: false,
      faults: [{ say: expect.stringMatching(/Too many tries/) as string }],
    });
  });

  it("keeps its secret from everything but its doors", async () => {
    await setUp();
    for (const table of ["second_steps", "spare_codes"])
      await expect(
        inStudio(signedIn.studioId, (tenant) => tenant.raw(`select * from ${table}`)),
      ).rejects.toThrow(/permission denied/);
  });
});
