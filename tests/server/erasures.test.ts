import { describe, expect, it } from "vitest";
import { countedKinds } from "@/core/studio/client-whole";
import { bringErasedBack, erase } from "@/server/actions/erasures";
import { inStudio, type Tenant } from "@/server/db/tenant";
import { addClient, findClient } from "@/server/records/clients";
import { rowsOfClient } from "@/server/records/client-rows";
import { linkByToken } from "@/server/records/doors";
import { eraseAllForGood, eraseForGood, listErasures } from "@/server/records/erasures";
import { addPiece, findPiece } from "@/server/records/pieces";
import { keepPhoto, photoOf, smallPhoto } from "@/server/records/photos";
import { sets } from "@/server/records/sets";
import { hashOfToken } from "@/server/session/tokens";
import { as, signedIn } from "./session-of-test";
import { asOwner, clientInput, furnishedStudio, shoe } from "./studios";

type Studio = Awaited<ReturnType<typeof furnishedStudio>>;

async function studioOf(name: string): Promise<Studio> {
  const studio = await furnishedStudio(name);
  const { studioId, userId, sessionId } = studio;
  as({ studioId, userId, sessionId });
  return studio;
}

const typed = clientInput.name;

/** Every table there is that has rows of a studio. */
async function tablesOfStudios(): Promise<string[]> {
  const { rows } = await asOwner().raw<{ rows: { table_name: string }[] }>(
    "select table_name from information_schema.columns where column_name = 'studio_id' and table_schema = 'public' order by 1",
  );
  return rows.map(({ table_name }) => table_name);
}

/** Everything of a studio as text, table by table; of some tables not. */
async function everything(
  studioId: string,
  unless: readonly string[] = [],
): Promise<Record<string, string[]>> {
  const found: Record<string, string[]> = {};
  for (const table of await tablesOfStudios()) {
    if (unless.includes(table)) continue;
    const { rows } = await asOwner().raw<{ rows: { line: string }[] }>(
      `select to_jsonb(r)::text as line from ${table} r where r.studio_id = ? order by 1`,
      [studioId],
    );
    found[table] = rows.map(({ line }) => line);
  }
  return found;
}

const erased = async ({ clientId }: Studio): Promise<string> => {
  const outcome = await erase({ id: clientId, typed });
  if (!outcome.ok) throw new Error(outcome.faults[0]?.say);
  return outcome.value;
};

const hourOver = (id: string) =>
  asOwner()("erasures")
    .where({ id })
    .update({ until: asOwner().raw("now() - interval '1 second'") });

/** What names a client or anything of hers, anywhere outside what is sealed. */
async function tracesOf(studio: Studio, ids: readonly string[]): Promise<string[]> {
  const tables = await everything(studio.studioId, ["erasures", "erased_photos"]);
  return Object.entries(tables).flatMap(([table, lines]) =>
    lines
      .filter((line) => [...ids, typed].some((each) => line.includes(each)))
      .map((line) => `${table}: ${line}`),
  );
}

const idsOf = ({
  clientId,
  pieceId,
  garmentId,
  baseId,
  setId,
  occasionId,
  lookId,
  gapId,
  linkId,
  wearId,
}: Studio) => [clientId, pieceId, garmentId, baseId, setId, occasionId, lookId, gapId, linkId, wearId];

describe("every table with rows of a client", () => {
  it("is in the one list", async () => {
    const { rows } = await asOwner().raw<{ rows: { table_name: string }[] }>(`
      with recursive reached as (
        select 'clients'::regclass as oid
        union
        select c.conrelid from pg_constraint c join reached on c.confrelid = reached.oid where c.contype = 'f'
      ) select oid::regclass::text as table_name from reached order by 1`);
    expect(rows.map(({ table_name }) => table_name)).toEqual(rowsOfClient.map(({ table }) => table).sort());
  });
});

describe("erasing a client", () => {
  it("takes every row and photo of hers at once, and what was written down of who changed them", async () => {
    const studio = await studioOf("Erases");
    expect((await tracesOf(studio, idsOf(studio))).length).toBeGreaterThan(20);
    await erased(studio);
    expect(await tracesOf(studio, idsOf(studio))).toEqual([]);
    await inStudio(studio.studioId, async (tenant) => {
      expect(await findClient(tenant, studio.clientId)).toBeNull();
      expect(await photoOf(tenant, studio.pieceId)).toBeNull();
    });
    expect(await linkByToken(hashOfToken(studio.linkToken))).toBeNull();
  });

  it("gives a receipt that counts what went", async () => {
    const studio = await studioOf("Counts");
    const id = await erased(studio);
    const [receipt] = await inStudio(studio.studioId, listErasures);
    expect(receipt).toMatchObject({
      id,
      name: typed,
      by: "Somebody",
      goneAt: null,
      counts: { piece: 2, photo: 1, look: 1, step: 1, set: 1, base: 1, "private link": 1, "day worn": 1 },
    });
    expect(Object.keys(receipt?.counts ?? {}).sort()).toEqual([...countedKinds].sort());
    expect(Date.parse(receipt?.until ?? "") - Date.parse(receipt?.madeAt ?? "")).toBe(3_600_000);
  });

  it("asks for her name as it stands, and does nothing for another", async () => {
    const studio = await studioOf("Asks for the name");
    const before = await everything(studio.studioId);
    for (const other of ["", "Imke", "imke solander", "Imke  Solander"])
      expect(await erase({ id: studio.clientId, typed: other })).toMatchObject({
        ok: false,
        faults: [{ field: "typed" }],
      });
    expect(await everything(studio.studioId)).toEqual(before);
    expect(await erase({ id: studio.clientId, typed: ` ${typed} ` })).toMatchObject({ ok: true });
  });

  it("leaves everybody else's records as they were", async () => {
    const other = await furnishedStudio("Has nothing to do with it");
    const studio = await studioOf("Erases one of two");
    const heirId = await inStudio(studio.studioId, (tenant) =>
      addClient(tenant, { ...clientInput, name: "Stays here" }),
    );
    const ofOther = await everything(other.studioId);
    await erased(studio);
    expect(await everything(other.studioId)).toEqual(ofOther);
    await inStudio(studio.studioId, async (tenant) =>
      expect((await findClient(tenant, heirId))?.client.measured).toEqual(clientInput.measured),
    );
  });

  it("leaves a piece that somebody else's set names to the archive of the kit, without its photo", async () => {
    const studio = await studioOf("Shares a piece");
    const heirSet = await inStudio(studio.studioId, async (tenant) => {
      const heirId = await addClient(tenant, { ...clientInput, name: "Wears it too" });
      const id = await addPiece(tenant, { piece: shoe, clientId: heirId, state: "ready" });
      await keepPhoto(tenant, id, await smallPhoto(await aPhoto(tenant, studio.pieceId)));
      const setId = await sets.add(tenant, { clientId: heirId, name: "Hers", pieceIds: [id] });
      await tenant("pieces").where({ id }).update({ client_id: studio.clientId });
      return { setId, id };
    });
    const receipt = await erased(studio);
    await inStudio(studio.studioId, async (tenant) => {
      expect((await sets.find(tenant, heirSet.setId))?.pieceIds).toEqual([heirSet.id]);
      expect((await findPiece(tenant, heirSet.id))?.clientId).toBeNull();
      expect(await photoOf(tenant, heirSet.id)).toBeNull();
    });
    expect(await bringErasedBack({ id: receipt })).toEqual({ ok: true, value: studio.clientId });
    await inStudio(studio.studioId, async (tenant) => {
      expect((await findPiece(tenant, heirSet.id))?.clientId).toBe(studio.clientId);
      expect(await photoOf(tenant, heirSet.id)).not.toBeNull();
    });
  });
});

const aPhoto = async (tenant: Tenant, pieceId: string) =>
  (await photoOf(tenant, pieceId))?.picture.toString("base64") ?? "";

describe("taking it back", () => {
  it("brings everything back as it was, to the last field, links and all", async () => {
    const studio = await studioOf("Takes it back");
    const written = ["changes", "erasures", "erased_photos"];
    const before = await everything(studio.studioId, written);
    const receipt = await erased(studio);
    expect(await everything(studio.studioId, written)).not.toEqual(before);
    expect(await bringErasedBack({ id: receipt })).toEqual({ ok: true, value: studio.clientId });
    expect(await everything(studio.studioId, written)).toEqual(before);
    expect(await linkByToken(hashOfToken(studio.linkToken))).toMatchObject({ linkId: studio.linkId });
    const receipts = await inStudio(studio.studioId, listErasures);
    expect(receipts.map(({ id }) => id)).not.toContain(receipt);
    expect(await bringErasedBack({ id: receipt })).toMatchObject({ ok: false });
  });

  it("is not for anybody of another studio", async () => {
    const studio = await studioOf("Is looked in on");
    const receipt = await erased(studio);
    await studioOf("Looks in");
    expect(await bringErasedBack({ id: receipt })).toMatchObject({ ok: false, faults: [{ field: "id" }] });
    expect((await inStudio(signedIn.studioId, listErasures)).map(({ id }) => id)).not.toContain(receipt);
  });

  it("is refused once the hour is over, whether anything has been swept or not", async () => {
    const studio = await studioOf("Is too late");
    const receipt = await erased(studio);
    await hourOver(receipt);
    const late = { ok: false, faults: [{ field: "id", say: expect.stringContaining("The hour is over") }] };
    expect(await bringErasedBack({ id: receipt })).toMatchObject(late);
    const [listed] = await inStudio(studio.studioId, listErasures);
    expect(listed).toMatchObject({ id: receipt, name: "", goneAt: expect.any(String) });
    await eraseAllForGood();
    expect(await bringErasedBack({ id: receipt })).toMatchObject(late);
  });

  it("is over when the hour is: nothing of hers is left anywhere, and the receipt does not name her", async () => {
    const studio = await studioOf("Is gone for good");
    const receipt = await erased(studio);
    await inStudio(studio.studioId, async (tenant) => expect(await eraseForGood(tenant)).toBe(0));
    await hourOver(receipt);
    await eraseAllForGood();
    const whole = JSON.stringify(await everything(studio.studioId));
    for (const each of [...idsOf(studio), typed]) expect(whole).not.toContain(each);
    const row = await asOwner()("erasures").where({ id: receipt }).first();
    expect(row).toMatchObject({ name: "", sealed: null, gone_at: row?.until, counts: { piece: 2 } });
    expect(await asOwner()("erased_photos").where({ erasure_id: receipt })).toEqual([]);
  });
});

describe("what is written down of changes", () => {
  it("can be forgotten only for what was erased", async () => {
    const studio = await studioOf("Keeps its record");
    const count = async () => (await asOwner()("changes").where({ studio_id: studio.studioId })).length;
    const before = await count();
    await inStudio(studio.studioId, (tenant) => tenant.raw("select forget_changes(?)", [studio.lookId]));
    const { erasureId } = await furnishedStudio("Erased somebody of its own");
    await inStudio(studio.studioId, (tenant) => tenant.raw("select forget_changes(?)", [erasureId]));
    await expect(
      inStudio(studio.studioId, (tenant) => tenant("changes").where({ studio_id: studio.studioId }).delete()),
    ).rejects.toThrow(/permission denied/);
    expect(await count()).toBe(before);
  });
});
