import { beforeAll, beforeEach, describe, expect, it } from "vitest";
import { type Role } from "@/core/studio/roles";
import { changePassword, inviteMember, switchStudio } from "@/server/actions/members";
import { askForReset, join, setForgottenPassword, signIn } from "@/server/actions/sign-in";
import { inStudio } from "@/server/db/tenant";
import { listMembers } from "@/server/records/members";
import { findSession } from "@/server/records/sessions";
import { hashPassword } from "@/server/session/password";
import { as, opened } from "./session-of-test";
import { asOwner, furnishedStudio, newMember, newStudio, newUser, signedInto } from "./studios";

let studio: Awaited<ReturnType<typeof furnishedStudio>>;

beforeAll(async () => {
  studio = await furnishedStudio("Invitations");
});

beforeEach(() => {
  as(studio);
  opened.length = 0;
});

const member = (role: Role) => newMember(studio.studioId, role);

const session = (id: string) => inStudio(studio.studioId, (tenant) => findSession(tenant, id));

describe("an invitation", () => {
  const tokenOf = async (email: string, role: Role = "stylist") => {
    const outcome = await inviteMember({ email, role });
    if (!outcome.ok) throw new Error(JSON.stringify(outcome.faults));
    return outcome.value.split("/").pop() ?? "";
  };

  it("lets somebody new in once, with a password that is not soon guessed", async () => {
    const token = await tokenOf("new@entry.example", "assistant");
    const input = { token, userName: "Nova Lind", password: "harbour-12345" };
    expect(await join({ ...input, password: "password1234" })).toMatchObject({
      ok: false,
      faults: [{ field: "password", say: /^This would soon be guessed\./ }],
    });
    expect(await join({ ...input, password: "copper-lantern-ferry" })).toEqual({ ok: true, value: null });
    expect(opened.at(-1)?.studioId).toBe(studio.studioId);
    expect(await join({ ...input, password: "copper-lantern-ferry" })).toMatchObject({
      ok: false,
      faults: [{ say: "This link does not hold any more: ask for a new one." }],
    });
    const members = await inStudio(studio.studioId, listMembers);
    expect(members.find(({ email }) => email === "new@entry.example")).toMatchObject({
      name: "Nova Lind",
      role: "assistant",
    });
    expect(await signIn({ email: "new@entry.example", password: "copper-lantern-ferry" })).toMatchObject({
      ok: true,
    });
  });

  it("of an address that works here is refused, and a later one of the same address ends the earlier", async () => {
    expect(await inviteMember({ email: "new@entry.example", role: "stylist" })).toMatchObject({
      ok: false,
      faults: [{ field: "email" }],
    });
    const first = await tokenOf("twice@entry.example");
    const second = await tokenOf("twice@entry.example");
    const input = { userName: "Twice", password: "copper-lantern-ferry" };
    expect(await join({ ...input, token: first })).toMatchObject({ ok: false });
    expect(await join({ ...input, token: second })).toMatchObject({ ok: true });
  });

  it("brings somebody who has a password elsewhere a second studio, to which she can go", async () => {
    const userId = await newUser();
    const elsewhere = await newStudio("Elsewhere");
    const own = await signedInto(elsewhere, userId);
    const email = `${userId}@studio.example`;
    await asOwner()("users")
      .where({ id: userId })
      .update({ password_hash: await hashPassword("ferry-copper-oak") });
    const token = await tokenOf(email);
    expect(await join({ token, userName: "Any", password: "not-the-one" })).toMatchObject({ ok: false });
    expect(await join({ token, userName: "Any", password: "ferry-copper-oak" })).toMatchObject({ ok: true });
    as({ studioId: elsewhere, userId, sessionId: own });
    expect(await switchStudio({ studioId: studio.studioId })).toMatchObject({ ok: true });
    expect(opened.at(-1)).toEqual({ studioId: studio.studioId, userId });
    expect(await switchStudio({ studioId: await newStudio("A stranger's") })).toMatchObject({ ok: false });
    // Who signs in beside a page goes on in the studio of that page, where it is one of hers.
    const credentials = { email, password: "ferry-copper-oak" };
    for (const studioId of [elsewhere, studio.studioId]) {
      expect(await signIn({ ...credentials, studioId })).toMatchObject({
        ok: true,
        value: { scope: `${studioId}.${userId}` },
      });
      expect(opened.at(-1)).toEqual({ studioId, userId });
    }
    const strange = await signIn({ ...credentials, studioId: await newStudio("Another stranger's") });
    expect([elsewhere, studio.studioId]).toContain(opened.at(-1)?.studioId);
    expect(strange).toMatchObject({ ok: true });
  });

  it("is kept by its hash alone, and the letter that brings it is the operator's to read", async () => {
    const token = await tokenOf("letter@entry.example");
    const rows = JSON.stringify(await asOwner()("invitations").where({ email: "letter@entry.example" }));
    expect(rows).not.toContain(token);
    await expect(
      inStudio(studio.studioId, (tenant) => tenant("letters").select("body")),
    ).rejects.toMatchObject({ code: "42501" });
    const letters = await asOwner()("letters").where({ recipient: "letter@entry.example" });
    expect(JSON.stringify(letters)).toContain(`/join/${token}`);
  });
});

describe("a password", () => {
  it("is changed with the old one, and ends every session of its person", async () => {
    const stylist = await member("stylist");
    const passwordHash = await hashPassword("ferry-copper-oak");
    await asOwner()("users").where({ id: stylist.userId }).update({ password_hash: passwordHash });
    as(stylist);
    const next = "quiet-anchor-basil";
    expect(await changePassword({ password: "wrong", next })).toMatchObject({
      ok: false,
      faults: [{ field: "password" }],
    });
    expect(await changePassword({ password: "ferry-copper-oak", next: "somebody12" })).toMatchObject({
      ok: false,
      faults: [{ field: "next" }],
    });
    expect(await changePassword({ password: "ferry-copper-oak", next })).toEqual({ ok: true, value: null });
    expect(await session(stylist.sessionId)).toBeNull();
    expect(opened.at(-1)?.userId).toBe(stylist.userId);
  });

  it("that was forgotten is set anew by the link of a letter, once; an unknown address is told the same", async () => {
    const stylist = await member("stylist");
    const email = `${stylist.userId}@studio.example`;
    expect(await askForReset({ email: "nobody@nowhere.example" })).toEqual({ ok: true, value: null });
    expect(await askForReset({ email })).toEqual({ ok: true, value: null });
    const [letter] = await asOwner()("letters").where({ recipient: email });
    const token = /\/password\/([\w-]+)/.exec(letter?.body as string)?.[1] ?? "";
    const next = "quiet-anchor-basil";
    expect(await setForgottenPassword({ token, next })).toEqual({ ok: true, value: null });
    expect(await session(stylist.sessionId)).toBeNull();
    expect(await signIn({ email, password: next })).toMatchObject({ ok: true });
    expect(await setForgottenPassword({ token, next })).toMatchObject({
      ok: false,
      faults: [{ field: "token" }],
    });
  });
});
