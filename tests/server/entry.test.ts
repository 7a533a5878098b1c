import { beforeAll, beforeEach, describe, expect, it } from "vitest";
import type { allowed } from "@/core/studio/roles";
import { mayDo, roles, type Role } from "@/core/studio/roles";
import { polished } from "@/core/rule-book/rule-book";
import { saveRuleBook } from "@/server/actions/judgement";
import { changesFile } from "@/server/actions/changes-file";
import { saveClient } from "@/server/actions/clients";
import { changeRole, dismissMember, endOtherSessions, signMemberOut } from "@/server/actions/members";
import { movePiece } from "@/server/actions/pieces";
import { inStudio } from "@/server/db/tenant";
import { listChanges } from "@/server/records/changes";
import { findSession } from "@/server/records/sessions";
import { actions, inputsFor } from "./action-inputs";
import { as, opened, signedIn } from "./session-of-test";
import { asOwner, clientInput, furnishedStudio, newMember, newStudio, newUser, signedInto } from "./studios";

let studio: Awaited<ReturnType<typeof furnishedStudio>>;

beforeAll(async () => {
  studio = await furnishedStudio("Entry");
});

beforeEach(() => {
  as(studio);
  opened.length = 0;
});

const member = (role: Role) => newMember(studio.studioId, role);

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
