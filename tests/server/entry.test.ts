import { afterAll, beforeAll, beforeEach, describe, expect, it, vi } from "vitest";
import type { allowed } from "@/core/studio/roles";
import { mayDo, roles, type Role } from "@/core/studio/roles";
import { polished } from "@/core/rule-book/rule-book";
import { saveRuleBook } from "@/server/actions/judgement";
import { changesFile } from "@/server/actions/changes-file";
import { saveClient } from "@/server/actions/clients";
import {
  changePassword,
  changeRole,
  dismissMember,
  endOtherSessions,
  inviteMember,
  signMemberOut,
  switchStudio,
} from "@/server/actions/members";
import { movePiece } from "@/server/actions/pieces";
import { askForReset, join, setForgottenPassword, signIn } from "@/server/actions/sign-in";
import { closeDatabase } from "@/server/db/database";
import { inStudio } from "@/server/db/tenant";
import { listChanges } from "@/server/records/changes";
import { listMembers } from "@/server/records/members";
import { findSession } from "@/server/records/sessions";
import { hashPassword } from "@/server/session/password";
import { actions, inputsFor } from "./action-inputs";
import { asOwner, clientInput, closeOwner, furnishedStudio, newStudio, newUser, signedInto } from "./studios";

const signedIn = vi.hoisted(() => ({ studioId: "", userId: "", sessionId: "" }));
const opened = vi.hoisted(() => ({ last: null as { studioId: string; userId: string } | null }));

vi.mock("@/server/session/session", () => ({
  sealedSession: () => Promise.resolve({ ...signedIn }),
  openSession: (member: { studioId: string; userId: string }) => {
    opened.last = member;
    return Promise.resolve();
  },
  closeSession: () => Promise.resolve(),
}));
vi.mock("next/cache", () => ({ revalidatePath: () => undefined }));
vi.mock("next/headers", () => ({ headers: () => Promise.resolve(new Headers()) }));
vi.mock("next/navigation", () => ({ redirect: () => undefined }));

let studio: Awaited<ReturnType<typeof furnishedStudio>>;

beforeAll(async () => {
  studio = await furnishedStudio("Entry");
});

afterAll(async () => {
  await closeDatabase();
  await closeOwner();
});

const as = ({ userId, sessionId }: { readonly userId: string; readonly sessionId: string }) =>
  Object.assign(signedIn, { studioId: studio.studioId, userId, sessionId });

beforeEach(() => {
  as(studio);
  opened.last = null;
});

/** A new member of the studio, signed in. */
async function member(role: Role) {
  const userId = await newUser();
  return { userId, sessionId: await signedInto(studio.studioId, userId, role) };
}

const signedOut = { ok: false, faults: [{ field: "session" }] };
const session = (id: string) => inStudio(studio.studioId, (tenant) => findSession(tenant, id));

describe("roles", () => {
  it.each(roles)("%s does what the table allows, and is told of everything else who may", async (role) => {
    const called = { one: await furnishedStudio(`Roles of ${role}`), two: await newStudio("Beside") };
    const userId = await newUser();
    Object.assign(signedIn, {
      studioId: called.one.studioId,
      userId,
      sessionId: await signedInto(called.one.studioId, userId, role),
    });
    const told = new Set<string>();
    for (const [name, action] of actions) {
      const outcome = await action(...(inputsFor(called)[name] ?? []));
      if (!outcome.ok && outcome.faults[0]?.field === "role") told.add(name);
    }
    const deedOf: Readonly<Record<string, keyof typeof allowed>> = {
      saveClient: "measure",
      moveClient: "measure",
      overrule: "judge",
      withdraw: "judge",
      changeClientBook: "judge",
      saveRuleBook: "judge",
      saveTemplate: "keep house",
      moveTemplate: "keep house",
      saveTimeZone: "keep house",
      savePurgeTime: "keep house",
      erase: "erase",
      bringErasedBack: "erase",
      inviteMember: "lead",
      withdrawInvitation: "lead",
      changeRole: "lead",
      dismissMember: "lead",
      signMemberOut: "lead",
    };
    const expected = [...actions.keys()].filter((name) => !mayDo(role, deedOf[name] ?? "see"));
    expect([...told].sort()).toEqual(expected.sort());
  });

  it("let a stylist change a client's rule book, and not the studio's own", async () => {
    as(await member("stylist"));
    expect(await saveRuleBook(null, polished)).toMatchObject({ ok: false, faults: [{ field: "role" }] });
    expect(await saveRuleBook(studio.clientId, polished)).toMatchObject({ ok: true });
    as(studio);
    expect(await saveRuleBook(null, polished)).toMatchObject({ ok: true });
  });

  it("keep at least one owner, whoever asks", async () => {
    const input = { userId: studio.userId };
    for (const outcome of [await changeRole({ ...input, role: "stylist" }), await dismissMember(input)])
      expect(outcome).toMatchObject({ ok: false, faults: [{ say: /only owner/ }] });
    const other = await member("owner");
    expect(await changeRole({ userId: other.userId, role: "stylist" })).toMatchObject({ ok: true });
  });
});

describe("a session", () => {
  it("ends with the next request once the member is removed, or is signed out by whoever leads", async () => {
    for (const end of [dismissMember, signMemberOut]) {
      const stylist = await member("stylist");
      as(stylist);
      expect(await saveClient({ id: null, version: null, ...clientInput })).toMatchObject({ ok: true });
      as(studio);
      expect(await end({ userId: stylist.userId })).toMatchObject({ ok: true });
      as(stylist);
      expect(await saveClient({ id: null, version: null, ...clientInput })).toMatchObject(signedOut);
    }
  });

  it("has the role its member has now, not the one it began with", async () => {
    const stylist = await member("stylist");
    await changeRole({ userId: stylist.userId, role: "assistant" });
    as(stylist);
    const outcome = await saveClient({ id: null, version: null, ...clientInput });
    expect(outcome).toMatchObject({
      ok: false,
      faults: [{ field: "role", say: /^Only an owner or a stylist may/ }],
    });
  });

  it("is ended everywhere but here by its own person", async () => {
    const here = await member("stylist");
    const there = await inStudio(studio.studioId, (tenant) =>
      tenant("sessions").insert({
        studio_id: studio.studioId,
        id: studio.lookId,
        user_id: here.userId,
        device: "x",
      }),
    ).then(() => studio.lookId);
    as(here);
    expect(await endOtherSessions({})).toMatchObject({ ok: true });
    expect(await session(there)).toBeNull();
    expect(await session(here.sessionId)).not.toBeNull();
  });

  it("is renewed while it is used, and ends when it idles or is too old", async () => {
    const { sessionId } = await member("stylist");
    const set = (columns: Record<string, string>) =>
      asOwner()("sessions")
        .where({ id: sessionId })
        .update(
          Object.fromEntries(
            Object.entries(columns).map(([name, ago]) => [name, asOwner().raw(`now() - interval '${ago}'`)]),
          ),
        );
    await set({ used_at: "13 days" });
    expect(await session(sessionId)).not.toBeNull();
    const [{ age }] = (await asOwner()("sessions")
      .where({ id: sessionId })
      .select<{ age: boolean }[]>(asOwner().raw("used_at > now() - interval '1 minute' as age"))) as [
      { age: boolean },
    ];
    expect(age).toBe(true);
    await set({ used_at: "15 days" });
    expect(await session(sessionId)).toBeNull();
    await set({ used_at: "1 minute", created_at: "91 days" });
    expect(await session(sessionId)).toBeNull();
  });
});

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
    expect(opened.last?.studioId).toBe(studio.studioId);
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
    Object.assign(signedIn, { studioId: elsewhere, userId, sessionId: own });
    expect(await switchStudio({ studioId: studio.studioId })).toMatchObject({ ok: true });
    expect(opened.last).toEqual({ studioId: studio.studioId, userId });
    expect(await switchStudio({ studioId: await newStudio("A stranger's") })).toMatchObject({ ok: false });
    // Who signs in beside a page goes on in the studio of that page, where it is one of hers.
    const credentials = { email, password: "ferry-copper-oak" };
    for (const studioId of [elsewhere, studio.studioId]) {
      expect(await signIn({ ...credentials, studioId })).toMatchObject({
        ok: true,
        value: { scope: `${studioId}.${userId}` },
      });
      expect(opened.last).toEqual({ studioId, userId });
    }
    const strange = await signIn({ ...credentials, studioId: await newStudio("Another stranger's") });
    expect([elsewhere, studio.studioId]).toContain(opened.last?.studioId);
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
    expect(opened.last?.userId).toBe(stylist.userId);
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

describe("who changed what", () => {
  it("is written down with every change, whoever makes it and however", async () => {
    const stylist = await member("stylist");
    as(stylist);
    const made = await saveClient({ id: null, version: null, ...clientInput, name: "Watched, Imke" });
    const id = made.ok ? made.value : "";
    await saveClient({ id, version: 1, ...clientInput, name: "Watched, Imke", notes: "likes grey" });
    await movePiece({ id: studio.pieceId, away: true });
    await movePiece({ id: studio.pieceId, away: false });
    const changes = await inStudio(studio.studioId, (tenant) => listChanges(tenant, 4 + 6));
    const said = changes.map(({ by, deed, record, name, fields }) => [by, deed, record, name, fields.join()]);
    expect(said[0]).toEqual(["Somebody", "brought back", "pieces", "Grey boots", ""]);
    expect(said[1]).toEqual(["Somebody", "put away", "pieces", "Grey boots", ""]);
    expect(said[2]).toEqual(["Somebody", "changed", "clients", "Watched, Imke", "notes"]);
    expect(said.slice(3)).toContainEqual(["Somebody", "added", "clients", "Watched, Imke", ""]);
  });

  it("cannot be rewritten by the application", async () => {
    for (const work of ["update changes set name = 'x'", "delete from changes"])
      await expect(inStudio(studio.studioId, (tenant) => tenant.raw(work))).rejects.toMatchObject({
        code: "42501",
      });
  });

  it("is a table for whoever leads, in which no cell is a formula", async () => {
    await saveClient({ id: null, version: null, ...clientInput, name: '=cmd("x"), y' });
    const file = await changesFile();
    const [head, first] = file.ok ? file.value.split("\r\n") : [];
    expect(head).toBe("when,who,what,record,name,fields");
    expect(file.ok && file.value).toContain(`"'=cmd(""x""), y"`);
    expect(first?.split(",")).toHaveLength(6);
    as(await member("stylist"));
    expect(await changesFile()).toMatchObject({ ok: false, faults: [{ field: "role" }] });
  });
});
