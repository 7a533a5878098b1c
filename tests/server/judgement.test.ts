import { beforeAll, describe, expect, it } from "vitest";
import { v7 as uuid } from "uuid";
import { polished } from "@/core/rule-book/rule-book";
import { changeBook } from "@/core/rule-book/book-change";
import { inStudio } from "@/server/db/tenant";
import { benchFor } from "@/server/records/bench";
import { addClient, changeClient, changeRuleBook, findClient } from "@/server/records/clients";
import { findLook, keepLook } from "@/server/records/looks";
import { keepOverruling, overrulingsFor, withdrawOverruling } from "@/server/records/overrulings";
import { ruleBookRoom } from "@/server/records/rule-book-room";
import { ruleBookVersions, setStudioRuleBook, studioRuleBook } from "@/server/records/rule-books";
import { NotFound, StaleWrite } from "@/server/records/refusal";
import { asOwner, clientInput, furnishedStudio, sent } from "./studios";

let studio: Awaited<ReturnType<typeof furnishedStudio>>;

beforeAll(async () => {
  studio = await furnishedStudio("Judgement");
});

const inside = <T>(work: Parameters<typeof inStudio<T>>[1]) => inStudio(studio.studioId, work);
const free = changeBook(polished, { kind: "school", school: "metals", choice: "free" });

describe("a client's rule book", () => {
  it("starts at version 1, and only a book that reads otherwise makes the next", async () => {
    await inside(async (tenant) => {
      const record = await findClient(tenant, studio.clientId);
      if (!record) throw new Error("the studio has a client");
      expect(record.client.ruleBook.version).toBe(1);
      const renamed = await changeRuleBook(tenant, record, { ...record.client.ruleBook, name: "Hers" });
      expect(renamed.version).toBe(1);
    });
    await inside(async (tenant) => {
      const record = await findClient(tenant, studio.clientId);
      if (!record) throw new Error("the studio has a client");
      expect((await changeRuleBook(tenant, record, free)).version).toBe(2);
      const versions = await ruleBookVersions(tenant, studio.clientId);
      expect(versions.map(({ book }) => [book.version, book.schools.metals])).toEqual([
        [2, "free"],
        [1, "bridged"],
      ]);
    });
  });

  it("is refused when somebody changed the client meanwhile", async () => {
    await inside(async (tenant) => {
      const record = await findClient(tenant, studio.clientId);
      if (!record) throw new Error("the studio has a client");
      const stale = { ...record, version: record.version - 1 };
      await expect(changeRuleBook(tenant, stale, polished)).rejects.toBeInstanceOf(StaleWrite);
    }).catch((error: unknown) => expect(error).toBeInstanceOf(StaleWrite));
    expect((await inside((tenant) => ruleBookVersions(tenant, studio.clientId))).length).toBe(2);
  });

  it("is refused when it was set from a version that has moved on", async () => {
    const set = inside(async (tenant) => {
      const record = await findClient(tenant, studio.clientId);
      if (!record) throw new Error("the studio has a client");
      return changeRuleBook(tenant, record, { ...polished, version: 1 });
    });
    await expect(set).rejects.toBeInstanceOf(StaleWrite);
    expect((await inside((tenant) => findClient(tenant, studio.clientId)))?.client.ruleBook.version).toBe(2);
  });

  it("keeps its version when the rest of the client is changed", async () => {
    await inside(async (tenant) => {
      const record = await findClient(tenant, studio.clientId);
      if (!record) throw new Error("the studio has a client");
      const { id: _id, ...client } = record.client;
      await changeClient(
        tenant,
        { id: studio.clientId, version: record.version },
        { ...client, notes: "tall", goals: { longerLegLine: true, moreWaist: false, bagLands: "hip" } },
      );
      const after = await findClient(tenant, studio.clientId);
      expect(after?.client.ruleBook.version).toBe(2);
      expect(after?.client.goals).toEqual({ longerLegLine: true, moreWaist: false, bagLands: "hip" });
    });
  });

  it("is whole although it was stored before it had versions and weights", async () => {
    const { version: _version, weights: _weights, ...old } = polished;
    const id = await inside(async (tenant) => {
      const clientId = uuid();
      await addClient(tenant, { ...clientInput, name: "Old book" }, clientId);
      return clientId;
    });
    await asOwner()("clients")
      .where({ id })
      .update({ rule_book: JSON.stringify(old) });
    const record = await inside((tenant) => findClient(tenant, id));
    expect(record?.client.ruleBook).toEqual(polished);
  });

  it("has a room with the looks that show what it does", async () => {
    const room = await inside((tenant) => ruleBookRoom(tenant, studio.clientId));
    expect(room?.looks.map(({ name }) => name)).toEqual(["Grey, a working lunch", "Grey with Plain"]);
    expect(room?.book.version).toBe(2);
    expect(await inside((tenant) => ruleBookRoom(tenant, studio.pieceId))).toBeNull();
  });
});

describe("the studio's own rule book", () => {
  it("is the product's until it is set, and then has versions of its own", async () => {
    await inside(async (tenant) => {
      expect(await studioRuleBook(tenant)).toEqual(polished);
      expect((await setStudioRuleBook(tenant, free)).version).toBe(2);
      expect((await studioRuleBook(tenant)).schools.metals).toBe("free");
      await expect(setStudioRuleBook(tenant, polished)).rejects.toBeInstanceOf(StaleWrite);
    });
  });

  it("has one winner where ten are set at once, whatever the turn", async () => {
    for (let turn = 0; turn < 4; turn += 1) {
      const before = await inside(studioRuleBook);
      const books = Array.from({ length: 10 }, (_, i) => ({ ...before, name: `turn ${turn}, book ${i}` }));
      const kept = await Promise.allSettled(
        books.map((book, i) =>
          inside((tenant) =>
            setStudioRuleBook(tenant, {
              ...book,
              weights: { ...book.weights, "style.story": 0.5 + (10 * turn + i) / 100 },
            }),
          ),
        ),
      );
      const winners = kept.filter(({ status }) => status === "fulfilled");
      const late = kept.flatMap((each) => (each.status === "rejected" ? [each.reason as unknown] : []));
      expect(winners).toHaveLength(1);
      for (const reason of late) expect(reason).toBeInstanceOf(StaleWrite);
      const after = await inside(studioRuleBook);
      expect(after.version).toBe(before.version + 1);
      expect(books.map(({ name }) => name)).toContain(after.name);
    }
  });
});

describe("a kept look", () => {
  it("names the verdict and the version it was read by", async () => {
    await inside(async (tenant) => {
      const look = await findLook(tenant, studio.lookId);
      if (!look) throw new Error("the studio has a look");
      expect(look.read).toBeNull();
      const read = { verdict: "sings" as const, score: 83.3, ruleBookVersion: 1 };
      await keepLook(tenant, sent({ ...look, read }));
      expect((await findLook(tenant, studio.lookId))?.read).toEqual(read);
    });
  });
});

describe("what is overruled", () => {
  it("lies on the bench with its reason until it is withdrawn, and the record of it stays", async () => {
    await inside(async (tenant) => {
      const bench = await benchFor(tenant, studio.clientId, {});
      expect(bench?.overrulings).toMatchObject([
        { id: studio.overrulingId, rule: "colour.echo", reason: "It was a present.", lookId: studio.lookId },
      ]);
      await withdrawOverruling(tenant, studio.overrulingId);
      expect(await overrulingsFor(tenant, studio.clientId)).toEqual([]);
    });
    const rows = await asOwner()("overrulings").where({ id: studio.overrulingId });
    expect(rows).toHaveLength(1);
    expect(rows[0]?.withdrawn_at).not.toBeNull();
  });

  it("is kept once, however often it is sent", async () => {
    const overruling = {
      id: uuid(),
      rule: "style.scale",
      effect: "rubs" as const,
      pieceIds: [],
      reason: "She likes it large.",
      lookId: null,
    };
    await inside((tenant) => keepOverruling(tenant, studio.clientId, overruling));
    await inside((tenant) => keepOverruling(tenant, studio.clientId, { ...overruling, reason: "Again." }));
    expect(await inside((tenant) => overrulingsFor(tenant, studio.clientId))).toEqual([overruling]);
  });

  it("cannot be withdrawn when it never was", async () => {
    await expect(inside((tenant) => withdrawOverruling(tenant, uuid()))).rejects.toBeInstanceOf(NotFound);
  });
});
