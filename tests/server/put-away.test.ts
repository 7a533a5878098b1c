import { beforeAll, describe, expect, it } from "vitest";
import { putAwayKinds, type PutAwayKind } from "@/core/studio/put-away";
import { inStudio, type Tenant } from "@/server/db/tenant";
import { bases } from "@/server/records/bases";
import { putClientAway } from "@/server/records/clients";
import { putGapAway } from "@/server/records/gaps";
import { putLookAway } from "@/server/records/looks";
import { putOccasionAway } from "@/server/records/occasions";
import { addPiece, listPieces, putPieceAway } from "@/server/records/pieces";
import { bringBackOne, isPieceAway, listPutAway } from "@/server/records/put-away";
import { NotFound } from "@/server/records/refusal";
import { sets } from "@/server/records/sets";
import { putTemplateAway } from "@/server/records/templates";
import { purge, purgeAll } from "@/server/records/purge";
import { setPurgeTime } from "@/server/records/studio";
import { asOwner, furnishedStudio, shoe } from "./studios";

let studio: Awaited<ReturnType<typeof furnishedStudio>>;
beforeAll(async () => {
  studio = await furnishedStudio("Attic");
});

const inside = <T>(work: (tenant: Tenant) => Promise<T>) => inStudio(studio.studioId, work);

/** How each kind is put away, by the ids of the studio. */
const ways = (): Record<PutAwayKind, readonly [string, (tenant: Tenant, id: string) => Promise<void>]> => ({
  client: [studio.clientId, putClientAway],
  piece: [studio.pieceId, putPieceAway],
  base: [studio.baseId, bases.putAway],
  set: [studio.setId, sets.putAway],
  occasion: [studio.occasionId, putOccasionAway],
  look: [studio.lookId, putLookAway],
  "missing piece": [studio.gapId, putGapAway],
  template: [studio.templateId, putTemplateAway],
});

describe("what is put away", () => {
  it.each(putAwayKinds)("is listed and comes back: %s", async (kind) => {
    const [id, putAway] = ways()[kind];
    await inside(async (tenant) => {
      expect(await listPutAway(tenant)).toEqual([]);
      await putAway(tenant, id);
      const [record, ...more] = await listPutAway(tenant);
      expect(more).toEqual([]);
      expect(record).toMatchObject({ kind, id });
      expect(record?.name).not.toBe("");
      await bringBackOne(tenant, { kind, id });
      expect(await listPutAway(tenant)).toEqual([]);
    });
  });

  it("says of a piece that it is away, and whose it is", async () => {
    await inside(async (tenant) => {
      await putPieceAway(tenant, studio.pieceId);
      expect(await isPieceAway(tenant, studio.pieceId)).toBe(true);
      expect(await isPieceAway(tenant, "no id")).toBe(false);
      expect((await listPieces(tenant, studio.clientId)).map(({ piece }) => piece.id)).toEqual([
        studio.garmentId,
      ]);
      expect((await listPutAway(tenant))[0]?.client).not.toBeNull();
      await bringBackOne(tenant, { kind: "piece", id: studio.pieceId });
      expect(await isPieceAway(tenant, studio.pieceId)).toBe(false);
    });
  });

  it("is brought back only under its own kind", async () => {
    await inside(async (tenant) => {
      await expect(bringBackOne(tenant, { kind: "set", id: studio.pieceId })).rejects.toBeInstanceOf(
        NotFound,
      );
    });
  });
});

describe("what was put away long ago", () => {
  it("is gone once the studio has set a time for it, unless something that is kept still names it", async () => {
    const old = await furnishedStudio("Purge");
    const other = await furnishedStudio("Purges nothing");
    const age = (table: string, id: string, days: number) =>
      asOwner()(table)
        .where({ id })
        .update({ deleted_at: asOwner().raw(`now() - interval '${days} days'`) });
    const count = async (table: string, studioId = old.studioId) =>
      (await asOwner()(table).where({ studio_id: studioId }).select("studio_id")).length;
    for (const studioOf of [old, other]) {
      await age("looks", studioOf.lookId, 40);
      await age("sets", studioOf.setId, 40);
      await age("bases", studioOf.baseId, 20);
      await age("pieces", studioOf.garmentId, 40);
    }
    await purgeAll();
    expect(await count("looks")).toBe(1);
    await inStudio(old.studioId, (tenant) => setPurgeTime(tenant, 30));
    await purgeAll();
    expect([
      await count("looks"),
      await count("look_steps"),
      await count("sets"),
      await count("wears"),
    ]).toEqual([0, 0, 0, 0]);
    // The base is not old enough, and names the garment.
    expect([await count("bases"), await count("pieces")]).toEqual([1, 2]);
    await age("bases", old.baseId, 31);
    await purgeAll();
    expect([await count("bases"), await count("pieces")]).toEqual([0, 1]);
    expect(await count("looks", other.studioId)).toBe(1);
  });

  it("takes everything of a client with her, and nothing of anybody else's", async () => {
    const old = await furnishedStudio("Purge of a client");
    await inStudio(old.studioId, async (tenant) => {
      await addPiece(tenant, { piece: shoe, clientId: null, state: "ready" });
      await putClientAway(tenant, old.clientId);
      await setPurgeTime(tenant, 30);
    });
    await asOwner()("clients")
      .where({ id: old.clientId })
      .update({ deleted_at: asOwner().raw("now() - interval '31 days'") });
    await inStudio(old.studioId, async (tenant) => {
      expect(await purge(tenant)).toMatchObject({ client: 1, piece: 0 });
      expect(await listPieces(tenant, old.clientId)).toHaveLength(1);
      for (const table of ["clients", "measurements", "looks", "occasions", "gaps", "overrulings"] as const)
        expect(await tenant(table).select("studio_id"), table).toEqual([]);
    });
  });
});
