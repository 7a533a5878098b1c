import { beforeAll, describe, expect, it, vi } from "vitest";
import { v7 as uuid } from "uuid";
import { answerLink } from "@/server/actions/answer-link";
import { inStudio, type Tenant } from "@/server/db/tenant";
import { clientJournalRoom } from "@/server/records/client-rooms";
import { linkByToken } from "@/server/records/doors";
import { linkRoom } from "@/server/records/link-room";
import { endLink, keepReply, listLinks, makeLink } from "@/server/records/links";
import { keepLook } from "@/server/records/looks";
import { addPiece } from "@/server/records/pieces";
import { todayRoom } from "@/server/records/today-room";
import { hashOfToken, newLinkToken } from "@/server/session/tokens";
import { asOwner, furnishedStudio, linkFor, sent, shoe } from "./studios";

const caller = vi.hoisted(() => ({ address: "203.0.113.7" }));
vi.mock("next/headers", () => ({
  headers: () => Promise.resolve(new Headers({ "x-juxtane-address": caller.address })),
}));

let one: Awaited<ReturnType<typeof furnishedStudio>>;
let two: Awaited<ReturnType<typeof furnishedStudio>>;
const inside = <T>(work: (tenant: Tenant) => Promise<T>) => inStudio(one.studioId, work);

beforeAll(async () => {
  one = await furnishedStudio("Studio one, with links");
  two = await furnishedStudio("Studio two, that looks in");
});

/** A new link to the look of studio one: its token and its id. */
async function newLink() {
  const { token, hash } = newLinkToken();
  const id = await inside((tenant) => makeLink(tenant, linkFor(one.clientId, one.lookId), hash));
  return { token, id };
}

const opens = async (token: string) => (await linkByToken(hashOfToken(token)))?.linkId ?? null;

describe("a private link", () => {
  it("is 128 random bits, of which the database has the hash alone", async () => {
    const { token, id } = await newLink();
    expect(Buffer.from(token, "base64url")).toHaveLength(16);
    const row = await asOwner()("links").where({ id }).first();
    expect(JSON.stringify(row)).not.toContain(token);
    expect(await opens(token)).toBe(id);
    expect(await opens(`${token.slice(0, -1)}${token.endsWith("A") ? "B" : "A"}`)).toBeNull();
    expect(await opens(String(row?.token_hash))).toBeNull();
  });

  it("shows the looks that were chosen, and nothing else of the client or the studio", async () => {
    const strayId = await inside((tenant) =>
      addPiece(tenant, { piece: { ...shoe, name: "A stray shoe" }, clientId: one.clientId, state: "ready" }),
    );
    const otherId = uuid();
    await inside((tenant) =>
      keepLook(
        tenant,
        sent({
          id: otherId,
          clientId: one.clientId,
          baseId: one.baseId,
          occasionId: null,
          name: "Kept back",
          note: "not for her eyes",
          stepId: null,
          accessoryIds: [strayId],
          adjustments: [],
          ownVerdict: null,
          read: null,
        }),
      ),
    );
    const { id } = await newLink();
    const room = await inside((tenant) => linkRoom(tenant, id));
    expect(room?.looks.map(({ record }) => record.id)).toEqual([one.lookId]);
    const whole = JSON.stringify(room);
    for (const stray of ["A stray shoe", "Kept back", "not for her eyes", "imke@client.example", '"photo"'])
      expect(whole).not.toContain(stray);
  });

  it("tells when it was opened first, and opens nothing once it has ended or is over", async () => {
    const { token, id } = await newLink();
    const state = async () =>
      (await inside((tenant) => listLinks(tenant, one.clientId))).find((link) => link.id === id);
    expect((await state())?.openedAt).toBeNull();
    await inside((tenant) => linkRoom(tenant, id));
    const first = (await state())?.openedAt;
    expect(first).not.toBeNull();
    await inside((tenant) => linkRoom(tenant, id));
    expect((await state())?.openedAt).toBe(first);
    await asOwner()("links")
      .where({ id })
      .update({ expires_at: new Date(Date.now() - 1000) });
    expect(await opens(token)).toBeNull();
    const another = await newLink();
    await inside((tenant) => endLink(tenant, another.id));
    expect(await opens(another.token)).toBeNull();
  });

  it("is made for looks of the client alone, and read and ended in its own studio alone", async () => {
    const { hash } = newLinkToken();
    await expect(
      inside((tenant) => makeLink(tenant, linkFor(one.clientId, two.lookId), hash)),
    ).rejects.toThrow(/not on record for this client/);
    const { id } = await newLink();
    await inStudio(two.studioId, async (tenant) => {
      expect(await linkRoom(tenant, id)).toBeNull();
      expect(await listLinks(tenant, one.clientId)).toEqual([]);
      await expect(endLink(tenant, id)).rejects.toThrow(/no link/);
      await expect(keepReply(tenant, id, { lookId: one.lookId, answer: "no", words: "" })).rejects.toThrow(
        /shows no look/,
      );
    });
  });
});

describe("an answer", () => {
  it("arrives on Today, in the journal and at the link, and is changed until the link ends", async () => {
    const { token, id } = await newLink();
    const reply = { token, lookId: one.lookId };
    expect(await answerLink({ ...reply, answer: "maybe", words: "Not sure of the boots." })).toEqual({
      ok: true,
      value: null,
    });
    expect(await answerLink({ ...reply, answer: "yes", words: "On second thoughts: yes." })).toMatchObject({
      ok: true,
    });
    const said = { lookId: one.lookId, answer: "yes", words: "On second thoughts: yes." };
    const links = await inside((tenant) => listLinks(tenant, one.clientId));
    expect(links.find((link) => link.id === id)?.replies).toMatchObject([said]);
    const { replies } = await inside((tenant) => todayRoom(tenant));
    expect(replies[0]).toMatchObject({ ...said, clientId: one.clientId, look: "Working lunch" });
    const days = (await inside((tenant) => clientJournalRoom(tenant, one.clientId)))?.days ?? [];
    expect(days.flatMap(({ entries }) => entries)).toContainEqual({
      what: "answered",
      id: `${id} ${one.lookId}`,
      look: "Working lunch",
      answer: "yes",
      words: "On second thoughts: yes.",
    });
    await inside((tenant) => endLink(tenant, id));
    expect(await answerLink({ ...reply, answer: "no", words: "" })).toMatchObject({
      ok: false,
      faults: [{ field: "token", say: /does not hold any more/ }],
    });
  });

  it("is refused in a sentence for a look the link does not show, and for what is no answer", async () => {
    const { token } = await newLink();
    const refused = await answerLink({ token, lookId: two.lookId, answer: "yes", words: "" });
    expect(refused.ok).toBe(false);
    expect(
      await answerLink({ token, lookId: one.lookId, answer: "perhaps", words: "x".repeat(301) }),
    ).toEqual({
      ok: false,
      faults: [
        { field: "answer", say: 'Answer must be one of yes, maybe, no; "perhaps" is not.' },
        { field: "words", say: "Your line is too long: at most 300 characters." },
      ],
    });
  });

  it("is counted: whoever guesses is told to wait", async () => {
    caller.address = "203.0.113.99";
    const guess = { lookId: one.lookId, answer: "yes", words: "" };
    const says: string[] = [];
    for (let turn = 0; turn < 125; turn += 1) {
      const outcome = await answerLink({ ...guess, token: newLinkToken().token });
      if (!outcome.ok) says.push(outcome.faults[0]?.say ?? "");
    }
    expect(says).toHaveLength(125);
    expect(says[0]).toMatch(/does not hold any more/);
    expect(says.at(-1)).toMatch(/Wait a quarter of an hour/);
    caller.address = "203.0.113.7";
  });
});
