import { readFileSync } from "node:fs";
import fc from "fast-check";
import { beforeAll, describe, expect, it } from "vitest";
import { counted } from "@/core/formats/client-file/named";
import { parseClientFile, serialiseClientFile } from "@/core/formats/client-file/read";
import { inOneGo } from "@/core/formats/in-parts";
import { clientArchive, openClient } from "@/server/archive/carry";
import { unpackClient } from "@/server/archive/unpack";
import { inStudio } from "@/server/db/tenant";
import { gatherClient } from "@/server/records/client-file/gather";
import { takeInClient } from "@/server/records/client-file/take-in";
import { addClient, findClient } from "@/server/records/clients";
import { listLinks } from "@/server/records/links";
import { listPieces, addPiece } from "@/server/records/pieces";
import { photoOf } from "@/server/records/photos";
import { sets } from "@/server/records/sets";
import { clientFiles } from "../support/drawn-client-file";
import { asOwner, clientInput, furnishedStudio, newStudio, newUser, shoe, signedInto } from "./studios";
import { emptyStudio, inParts, opened, saved, type Sealed } from "./client-archives";

type Studio = Awaited<ReturnType<typeof furnishedStudio>>;
let one: Studio;
let other: Sealed;

beforeAll(async () => {
  one = await furnishedStudio("A studio that saves its clients");
  other = await emptyStudio("A studio that opens them");
});

const textOf = async (studioId: string, clientId: string) =>
  (await inStudio(studioId, (tenant) => gatherClient(tenant, clientId))).text;

describe("a client's file", () => {
  it("taken in and gathered again is the same, whatever is in it", async () => {
    await fc.assert(
      fc.asyncProperty(clientFiles, async (file) => {
        const studioId = await newStudio("A studio of its own");
        const clientId = await inStudio(studioId, (tenant) => takeInClient(tenant, file, new Map()));
        expect(await textOf(studioId, clientId)).toBe(inOneGo(serialiseClientFile(counted(file))));
      }),
      { numRuns: 60, seed: 1800 },
    );
  });

  it("out and in again is the same to the byte, photo and all, here and in another studio", async () => {
    const archive = await saved(one, one.clientId);
    for (const studio of [one, other]) {
      const id = await opened(studio, archive);
      expect(id).not.toBe(one.clientId);
      expect((await saved(studio, id)).equals(archive)).toBe(true);
    }
  });

  it("brings every kind of record, and the photo beside its piece", async () => {
    const id = await opened(other, await saved(one, one.clientId));
    await inStudio(other.studioId, async (tenant) => {
      const record = await findClient(tenant, id);
      const pieces = await listPieces(tenant, id);
      const boots = pieces.find(({ piece }) => piece.name === shoe.name);
      expect(record?.client.name).toBe("Imke Solander");
      expect(await photoOf(tenant, boots?.piece.id ?? "")).toEqual(
        await inStudio(one.studioId, (theirs) => photoOf(theirs, one.pieceId)),
      );
      const file = inOneGo(parseClientFile((await gatherClient(tenant, id)).text));
      const empty = Object.entries(file).filter(([, list]) => Array.isArray(list) && list.length === 0);
      expect(empty).toEqual([]);
    });
  });

  it("brings a link with its answers, and no way to open it", async () => {
    const id = await opened(other, await saved(one, one.clientId));
    const links = await inStudio(other.studioId, (tenant) => listLinks(tenant, id));
    expect(links).toMatchObject([{ greeting: "Dear Imke,", letter: null, endedAt: expect.any(String) }]);
    const [hash] = await asOwner()("links").where({ studio_id: one.studioId }).pluck("token_hash");
    expect((await saved(one, one.clientId)).includes(String(hash))).toBe(false);
    expect((await unpackClient(await saved(one, one.clientId))).text).not.toContain(one.linkToken);
  });

  it("takes of the kit what the studio does not have, and names what it has", async () => {
    const addKit = (studioId: string) =>
      inStudio(studioId, (tenant) =>
        addPiece(tenant, { piece: { ...shoe, name: "Kit boots" }, clientId: null, state: "ready" }),
      );
    const kitId = await addKit(one.studioId);
    await inStudio(one.studioId, (tenant) =>
      sets.add(tenant, { clientId: one.clientId, name: "With the kit's", pieceIds: [kitId] }),
    );
    const kitCount = async (studioId: string) =>
      (await asOwner()("pieces").where({ studio_id: studioId, client_id: null }).select("id")).length;
    const archive = await saved(one, one.clientId);
    await opened(one, archive);
    expect(await kitCount(one.studioId)).toBe(1);
    const elsewhere = await newStudio("A studio without a kit");
    const userId = await newUser();
    const sealed = { studioId: elsewhere, userId, sessionId: await signedInto(elsewhere, userId) };
    await opened(sealed, archive);
    await opened(sealed, archive);
    expect(await kitCount(elsewhere)).toBe(1);
  });

  it("keeps a piece that has gone to somebody else since, as one that was put away", async () => {
    const pieceId = await inStudio(one.studioId, (tenant) =>
      addPiece(tenant, { piece: { ...shoe, name: "Given on" }, clientId: one.clientId, state: "ready" }),
    );
    await inStudio(one.studioId, (tenant) =>
      sets.add(tenant, { clientId: one.clientId, name: "With what went", pieceIds: [pieceId] }),
    );
    const heirId = await inStudio(one.studioId, (tenant) =>
      addClient(tenant, { ...clientInput, name: "An heir" }),
    );
    await asOwner()("pieces").where({ id: pieceId }).update({ client_id: heirId });
    const archive = await saved(one, one.clientId);
    const id = await opened(other, archive);
    expect((await saved(other, id)).equals(archive)).toBe(true);
  });

  it("of the format before it is opened too", async () => {
    const id = await opened(other, readFileSync("demo/ingrid-haldane.bundle.json"));
    const file = inOneGo(parseClientFile(await textOf(other.studioId, id)));
    expect(file.client.name).toBe("Ingrid Haldane");
    expect(file.looks.length).toBeGreaterThan(0);
    expect(file.looks.every(({ read }) => read !== null)).toBe(true);
  });

  it("of version 1 stays readable: an archive that was saved by it", async () => {
    const id = await opened(other, readFileSync("tests/support/version-1.juxtane.zip"));
    const file = inOneGo(parseClientFile(await textOf(other.studioId, id)));
    expect(file.pieces.filter(({ photo }) => photo !== null)).toHaveLength(1);
    expect(file.looks[0]?.steps).toHaveLength(1);
  });

  it("is not saved or opened by an assistant, by somebody of another studio, or by nobody", async () => {
    const userId = await newUser();
    const assistant = {
      studioId: one.studioId,
      userId,
      sessionId: await signedInto(one.studioId, userId, "assistant"),
    };
    const archive = await saved(one, one.clientId);
    expect(await clientArchive(assistant, one.clientId)).toMatchObject({
      ok: false,
      faults: [{ field: "role" }],
    });
    expect(await openClient(assistant, inParts(archive))).toMatchObject({
      ok: false,
      faults: [{ field: "role" }],
    });
    expect(await clientArchive(other, one.clientId)).toMatchObject({ ok: false, faults: [{ field: "id" }] });
    expect(await clientArchive(null, one.clientId)).toMatchObject({
      ok: false,
      faults: [{ field: "session" }],
    });
    const unread = inParts(archive);
    expect(await openClient(null, unread)).toMatchObject({ ok: false, faults: [{ field: "session" }] });
    expect((await unread.next()).done).toBe(false);
  });
});
