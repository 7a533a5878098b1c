import { beforeAll, describe, expect, it } from "vitest";
import { gapSpecOf } from "@/core/search/gap-spec";
import { firstStock } from "@/core/sets/template";
import { inStudio } from "@/server/db/tenant";
import { benchFor } from "@/server/records/bench";
import { boardRoom } from "@/server/records/board-room";
import { buildRoom, type BuildWish } from "@/server/records/build-room";
import { addClient } from "@/server/records/clients";
import { addGap, bringGapBack, changeGap, listGaps, putGapAway } from "@/server/records/gaps";
import { sets } from "@/server/records/sets";
import { NotFound, StaleWrite } from "@/server/records/refusal";
import { addTemplate, bringTemplateBack, listTemplates, putTemplateAway } from "@/server/records/templates";
import { addWear, lastWorn, strikeWear } from "@/server/records/wears";
import { clientInput, furnishedStudio, gapFor } from "./studios";

let studio: Awaited<ReturnType<typeof furnishedStudio>>;

beforeAll(async () => {
  studio = await furnishedStudio("Library");
});

const inside = <T>(work: Parameters<typeof inStudio<T>>[1]) => inStudio(studio.studioId, work);

describe("a retired set", () => {
  it("is no longer offered anywhere, and stays on record until it is taken up again", async () => {
    const { clientId, setId } = studio;
    await inside((tenant) => sets.retire(tenant, setId));
    await inside(async (tenant) => {
      expect(await sets.list(tenant, studio.clientId)).toEqual([]);
      expect((await benchFor(tenant, clientId, {}))?.sets).toEqual([]);
      expect((await boardRoom(tenant, clientId)).sets).toEqual([]);
      expect((await sets.listRetired(tenant, studio.clientId)).map(({ id, name }) => [id, name])).toEqual([
        [setId, "Plain"],
      ]);
      expect((await sets.find(tenant, setId))?.pieceIds).toEqual([studio.pieceId]);
    });
    await inside((tenant) => sets.takeUp(tenant, setId));
    await inside(async (tenant) => {
      expect((await sets.list(tenant, clientId)).map(({ id }) => id)).toEqual([setId]);
      expect(await sets.listRetired(tenant, studio.clientId)).toEqual([]);
    });
  });

  it("that is put away is in neither list", async () => {
    await inside(async (tenant) => {
      const id = await sets.add(tenant, { clientId: studio.clientId, name: "Gone", pieceIds: [] });
      await sets.retire(tenant, id);
      await sets.putAway(tenant, id);
      expect((await sets.listRetired(tenant, studio.clientId)).map((set) => set.id)).not.toContain(id);
      expect((await sets.list(tenant, studio.clientId)).map((set) => set.id)).not.toContain(id);
    });
  });
});

describe("the room a set is built in", () => {
  const room = (wish: BuildWish) => inside((tenant) => buildRoom(tenant, wish));

  it("begins with nothing, with given pieces that exist, or with another set under a name of its own", async () => {
    const { clientId, setId, pieceId } = studio;
    expect((await room({ client: clientId }))?.begun).toEqual({ name: "", pieceIds: [] });
    const given = { client: clientId, name: "Work", pieces: `${pieceId},no-such-piece` };
    expect((await room(given))?.begun).toEqual({ name: "Work", pieceIds: [pieceId] });
    const varied = await room({ client: clientId, from: setId });
    expect(varied).toMatchObject({ set: null, begun: { name: "Plain, varied", pieceIds: [pieceId] } });
    const changed = await room({ client: clientId, set: setId });
    expect(changed).toMatchObject({ set: { id: setId, version: 1 }, begun: { name: "Plain" } });
  });

  it("is closed for a client or a set that is not theirs", async () => {
    const other = await inside((tenant) => addClient(tenant, clientInput));
    expect(await room({})).toBeNull();
    expect(await room({ client: "nobody" })).toBeNull();
    expect(await room({ client: other, set: studio.setId })).toBeNull();
    expect(await room({ client: other, from: studio.setId })).toBeNull();
  });
});

describe("when a set was worn", () => {
  it("is the last of its days, and goes back when the last is struck out", async () => {
    const { clientId, setId, wearId } = studio;
    const worn = (day: string) => inside((tenant) => addWear(tenant, { clientId, setId, day }));
    const latest = await worn("2026-11-20");
    await worn("2026-10-03");
    const day = () => inside(async (tenant) => (await lastWorn(tenant, clientId))[setId]);
    expect(await day()).toBe("2026-11-20");
    await inside((tenant) => strikeWear(tenant, latest));
    expect(await day()).toBe("2026-11-01");
    await expect(inside((tenant) => strikeWear(tenant, setId))).rejects.toBeInstanceOf(NotFound);
    expect(wearId).not.toBe(latest);
  });
});

describe("the studio's templates", () => {
  it("come back as they were kept, and are put away and brought back", async () => {
    const [ready] = firstStock;
    if (!ready) throw new Error("there is a ready template");
    const id = await inside((tenant) => addTemplate(tenant, ready));
    const kept = () =>
      inside(async (tenant) => (await listTemplates(tenant)).find((record) => record.id === id)?.template);
    expect(await kept()).toEqual(ready);
    await inside((tenant) => putTemplateAway(tenant, id));
    expect(await kept()).toBeUndefined();
    await inside((tenant) => bringTemplateBack(tenant, id));
    expect(await kept()).toEqual(ready);
  });
});

describe("a client's gap list", () => {
  const listed = () => inside((tenant) => listGaps(tenant, studio.clientId));

  it("keeps what each missing piece must be, what it opens, the note and the budget to the cent", async () => {
    const gap = { ...gapFor(studio.clientId), note: "ask the tanner", budget: 179.95 };
    const id = await inside((tenant) => addGap(tenant, gap));
    const found = (await listed()).find((record) => record.id === id);
    expect(found).toEqual({ ...gap, id, version: 1 });
    expect(found && gapSpecOf(found.facts).say).toBe("belt, slate, suede, polished smart, 2.5 cm");
  });

  it("is refused a note made against an older one, and says what there is now", async () => {
    const change = (version: number, note: string) =>
      inside((tenant) => changeGap(tenant, { id: studio.gapId, version }, { note, budget: null }));
    await change(1, "narrower");
    await expect(change(1, "wider")).rejects.toBeInstanceOf(StaleWrite);
    expect((await listed()).find(({ id }) => id === studio.gapId)).toMatchObject({
      note: "narrower",
      budget: null,
      version: 2,
    });
  });

  it("loses a piece that is put away and has it again when it is brought back", async () => {
    const ids = async () => (await listed()).map(({ id }) => id);
    await inside((tenant) => putGapAway(tenant, studio.gapId));
    expect(await ids()).not.toContain(studio.gapId);
    await inside((tenant) => bringGapBack(tenant, studio.gapId));
    expect(await ids()).toContain(studio.gapId);
  });
});
