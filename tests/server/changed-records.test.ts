import { beforeAll, describe, expect, it } from "vitest";
import { inStudio } from "@/server/db/tenant";
import { bases } from "@/server/records/bases";
import { benchFor } from "@/server/records/bench";
import {
  changeClient,
  findClient,
  listClients,
  nameClients,
  measurementHistory,
  putClientAway,
  bringClientBack,
} from "@/server/records/clients";
import {
  addPiece,
  changePiece,
  findPiece,
  listPieces,
  putPieceAway,
  bringPieceBack,
} from "@/server/records/pieces";
import { NotFound, StaleWrite } from "@/server/records/refusal";
import { clientInput, furnishedStudio, shoe } from "./studios";

let studio: Awaited<ReturnType<typeof furnishedStudio>>;

beforeAll(async () => {
  studio = await furnishedStudio("Changed records");
});

describe("measurements are history", () => {
  it("adds what changed, keeps what was, and strikes out without forgetting", async () => {
    const { thigh: _thigh, ...rest } = clientInput.measured;
    const measured = { ...rest, calf: 38 };
    await inStudio(studio.studioId, (tenant) =>
      changeClient(tenant, { id: studio.clientId, version: 1 }, { ...clientInput, measured }),
    );
    await inStudio(studio.studioId, async (tenant) => {
      expect((await findClient(tenant, studio.clientId))?.client.measured).toEqual(measured);
      const history = await measurementHistory(tenant, studio.clientId);
      expect(history.filter(({ name }) => name === "calf").map(({ cm }) => cm)).toEqual([38, 37.5]);
      expect(history.filter(({ name }) => name === "thigh").map(({ cm }) => cm)).toEqual([null, 55]);
      expect(history.filter(({ name }) => name === "height")).toHaveLength(1);
    });
  });
});

describe("two people change one thing", () => {
  it("refuses the second with what is on record now", async () => {
    const id = await inStudio(studio.studioId, (tenant) =>
      addPiece(tenant, { piece: shoe, clientId: null, state: "ready" }),
    );
    const rename = (name: string) =>
      inStudio(studio.studioId, (tenant) =>
        changePiece(tenant, { id, version: 1 }, { piece: { ...shoe, name }, clientId: null, state: "ready" }),
      );
    await rename("First");
    const second = await rename("Second").catch((error: unknown) => error);
    expect(second).toBeInstanceOf(StaleWrite);
    expect((second as StaleWrite).current).toMatchObject({ name: "First", version: 2 });
    expect((await inStudio(studio.studioId, (tenant) => findPiece(tenant, id)))?.piece.name).toBe("First");
  });

  it("says so when it is gone", async () => {
    const change = inStudio(studio.studioId, (tenant) =>
      changePiece(tenant, { id: studio.lookId, version: 1 }, { piece: shoe, clientId: null, state: "ready" }),
    );
    await expect(change).rejects.toBeInstanceOf(NotFound);
  });

  it("writes all of a change or nothing", async () => {
    const before = await inStudio(studio.studioId, (tenant) => bases.find(tenant, studio.baseId));
    const change = inStudio(studio.studioId, (tenant) =>
      bases.change(
        tenant,
        { id: studio.baseId, version: 1 },
        { clientId: studio.clientId, name: "Half", pieceIds: [studio.lookId] },
      ),
    );
    await expect(change).rejects.toThrow();
    expect(await inStudio(studio.studioId, (tenant) => bases.find(tenant, studio.baseId))).toEqual(before);
  });
});

describe("what is put away", () => {
  it("is not listed, and can be brought back whole", async () => {
    await inStudio(studio.studioId, async (tenant) => {
      const listed = async () =>
        (await listPieces(tenant, studio.clientId)).some(({ piece }) => piece.id === studio.pieceId);
      const before = await findPiece(tenant, studio.pieceId);
      await putPieceAway(tenant, studio.pieceId);
      expect(await listed()).toBe(false);
      await bringPieceBack(tenant, studio.pieceId);
      expect(await listed()).toBe(true);
      expect(await findPiece(tenant, studio.pieceId)).toEqual(before);
      await putClientAway(tenant, studio.clientId);
      expect(await listClients(tenant, 0, 10)).toEqual({ clients: [], count: 0 });
      expect(await nameClients(tenant)).toEqual([]);
      await bringClientBack(tenant, studio.clientId);
      expect((await listClients(tenant, 0, 10)).count).toBe(1);
      expect((await nameClients(tenant)).map(({ id }) => id)).toEqual([studio.clientId]);
    });
  });
});

describe("the bench", () => {
  it("is laid with the look last worked on, or with the set that is asked for", async () => {
    await inStudio(studio.studioId, async (tenant) => {
      const last = await benchFor(tenant, studio.clientId, {});
      expect(last?.start.id).toBe(studio.lookId);
      const tried = await benchFor(tenant, studio.clientId, { set: studio.setId, base: studio.baseId });
      expect(tried?.start.id).not.toBe(studio.lookId);
      expect(tried?.start.accessoryIds).toEqual([studio.pieceId]);
    });
  });

  it("does not offer what is in care", async () => {
    await inStudio(studio.studioId, async (tenant) => {
      const id = await addPiece(tenant, { piece: shoe, clientId: studio.clientId, state: "in care" });
      expect((await benchFor(tenant, studio.clientId, {}))?.away).toContain(id);
    });
  });
});
