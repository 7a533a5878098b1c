import { createHash } from "node:crypto";
import { readFileSync } from "node:fs";
import fc from "fast-check";
import sharp from "sharp";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { serialiseManifest } from "@/core/formats/client-file/archive";
import { archiveBounds } from "@/core/formats/client-file/archive-bounds";
import { counted } from "@/core/formats/client-file/named";
import { parseClientFile, serialiseClientFile } from "@/core/formats/client-file/read";
import { inOneGo } from "@/core/formats/in-parts";
import { clientArchive, openClient } from "@/server/archive/carry";
import { unpackClient } from "@/server/archive/unpack";
import { closeDatabase } from "@/server/db/database";
import { inStudio } from "@/server/db/tenant";
import { gatherClient } from "@/server/records/client-file/gather";
import { takeInClient } from "@/server/records/client-file/take-in";
import { addClient, findClient } from "@/server/records/clients";
import { listLinks } from "@/server/records/links";
import { listPieces, addPiece } from "@/server/records/pieces";
import { photoOf } from "@/server/records/photos";
import { sets } from "@/server/records/sets";
import { clientFiles } from "../support/drawn-client-file";
import { zipped, type Zipped } from "../support/zip";
import {
  asOwner,
  clientInput,
  closeOwner,
  furnishedStudio,
  newStudio,
  newUser,
  shoe,
  signedInto,
} from "./studios";

type Studio = Awaited<ReturnType<typeof furnishedStudio>>;
type Sealed = Pick<Studio, "studioId" | "userId" | "sessionId">;
let one: Studio;
let other: Sealed;

beforeAll(async () => {
  one = await furnishedStudio("A studio that saves its clients");
  const studioId = await newStudio("A studio that opens them");
  const userId = await newUser();
  other = { studioId, userId, sessionId: await signedInto(studioId, userId) };
});

afterAll(async () => {
  await closeDatabase();
  await closeOwner();
});

const textOf = async (studioId: string, clientId: string) =>
  (await inStudio(studioId, (tenant) => gatherClient(tenant, clientId))).text;

/** A client of studio one as its archive. */
async function saved(sealed: Sealed, clientId: string): Promise<Buffer> {
  const archive = await clientArchive(sealed, clientId);
  if (!archive.ok) throw new Error(archive.faults[0]?.say);
  const parts: Buffer[] = [];
  for await (const part of archive.value) parts.push(part as Buffer);
  return Buffer.concat(parts);
}

async function* inParts(bytes: Buffer): AsyncGenerator<Uint8Array> {
  for (let at = 0; at < bytes.length; at += 65_536) {
    await Promise.resolve();
    yield bytes.subarray(at, at + 65_536);
  }
}

async function opened(sealed: Sealed, bytes: Buffer): Promise<string> {
  const outcome = await openClient(sealed, inParts(bytes));
  if (!outcome.ok) throw new Error(outcome.faults[0]?.say);
  return outcome.value.id;
}

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

const sha256 = (bytes: Buffer) => createHash("sha256").update(bytes).digest("hex");

describe("an archive that is not as it should be", () => {
  let record: Buffer;
  let photo: Buffer;

  beforeAll(async () => {
    const { text, photos } = await unpackClient(await saved(one, one.clientId));
    record = Buffer.from(text, "utf8");
    photo = [...photos.values()][0] ?? Buffer.alloc(0);
  });

  const manifestOf = (files: readonly Zipped[]) =>
    Buffer.from(
      serialiseManifest(
        files.map(({ path, bytes }) => ({ path, bytes: bytes.length, sha256: sha256(bytes) })),
      ),
    );
  const withManifest = (files: readonly Zipped[], ...unlisted: Zipped[]) =>
    zipped([{ path: "manifest.json", bytes: manifestOf(files) }, ...files, ...unlisted]);
  const sound = () => [
    { path: "client.json", bytes: record },
    { path: `photos/${sha256(photo)}.jpg`, bytes: photo },
  ];
  const changed = (change: (file: Record<string, never>) => void) => {
    const file = JSON.parse(record.toString("utf8")) as Record<string, never>;
    change(file);
    return withManifest([
      { path: "client.json", bytes: Buffer.from(JSON.stringify(file)) },
      ...sound().slice(1),
    ]);
  };
  const of = (list: unknown, at = 0) => (list as Record<string, unknown>[])[at] ?? {};

  it("is one that would be opened, were nothing wrong with it", async () => {
    expect(await opened(other, withManifest(sound()))).toEqual(expect.any(String));
  });

  const wrong: Readonly<Record<string, readonly [() => Buffer, RegExp]>> = {
    "nothing at all": [() => Buffer.alloc(0), /not whole JSON/],
    "a text": [() => Buffer.from("PK, as in parka"), /no archive, or it is damaged/],
    "cut off": [() => withManifest(sound()).subarray(0, 900), /no archive, or it is damaged/],
    "without a manifest": [() => zipped(sound()), /"manifest.json" is missing/],
    "of another format": [
      () => zipped([{ path: "manifest.json", bytes: Buffer.from('{"format":"tar","version":1}') }]),
      /"format" must be "juxtane.client"/,
    ],
    "of a later version": [
      () =>
        zipped([{ path: "manifest.json", bytes: Buffer.from('{"format":"juxtane.client","version":2}') }]),
      /"version" is 2; this program reads version 1/,
    ],
    "with a path that leads out": [
      () => withManifest([...sound(), { path: "../../etc/passwd", bytes: Buffer.from("root") }]),
      /no archive, or it is damaged|no part of a client's file/,
    ],
    "with a path from the root": [
      () => withManifest([...sound(), { path: "/etc/passwd", bytes: Buffer.from("root") }]),
      /no archive, or it is damaged|no part of a client's file/,
    ],
    "with a file that is not listed": [
      () => withManifest(sound(), { path: "photos/more.jpg", bytes: photo }),
      /"photos\/more.jpg" is not in the list/,
    ],
    "with a file that nobody asked for": [
      () => withManifest([...sound(), { path: "run-me.sh", bytes: Buffer.from("#!") }]),
      /"run-me.sh" is no part of a client's file/,
    ],
    "with a file twice": [() => withManifest(sound(), ...sound().slice(0, 1)), /holds "client.json" twice/],
    "with a photo that is listed and not there": [
      () => zipped([{ path: "manifest.json", bytes: manifestOf(sound()) }, ...sound().slice(0, 1)]),
      /photos\/[0-9a-f]{64}\.jpg" is missing/,
    ],
    "with another photo under the hash": [
      () =>
        zipped([
          { path: "manifest.json", bytes: manifestOf(sound()) },
          ...sound().slice(0, 1),
          { path: `photos/${sha256(photo)}.jpg`, bytes: Buffer.concat([photo, Buffer.from([0])]) },
        ]),
      /is not as it was saved: its hash is another/,
    ],
    "with a record that was edited": [
      () =>
        zipped([
          { path: "manifest.json", bytes: manifestOf(sound()) },
          { path: "client.json", bytes: Buffer.from(record.toString("utf8").replace("Imke", "Inka")) },
          ...sound().slice(1),
        ]),
      /"client.json" is not as it was saved: its hash is another/,
    ],
    "with a photo that is no picture": [
      () => {
        const page = Buffer.from("<script>alert(1)</script>");
        const text = record.toString("utf8").replaceAll(sha256(photo), sha256(page));
        return withManifest([
          { path: "client.json", bytes: Buffer.from(text) },
          { path: `photos/${sha256(page)}.jpg`, bytes: page },
        ]);
      },
      /the photo [0-9a-f]{64} is no picture/,
    ],
    "that unpacks to more than it says": [
      () =>
        withManifest(sound().slice(0, 1), {
          path: `photos/${"0".repeat(64)}.jpg`,
          bytes: Buffer.alloc(50_000_000),
          said: 10,
        }),
      /is not in the list/,
    ],
    "that says it is short and is not": [
      () => {
        const long = Buffer.alloc(40_000_000, 32);
        const files = [{ path: "client.json", bytes: long }];
        return zipped([
          { path: "manifest.json", bytes: manifestOf(files) },
          { path: "client.json", bytes: long, said: 1000 },
        ]);
      },
      /no archive, or it is damaged/,
    ],
    "with a record that is too large": [
      () => withManifest([{ path: "client.json", bytes: Buffer.alloc(archiveBounds.record + 1, 32) }]),
      /"client.json" is too large: more than 32 MB/,
    ],
    "that is too large unpacked": [
      () => {
        const part = Buffer.alloc(30 * 1024 * 1024);
        return zipped(Array.from({ length: 5 }, (_, i) => ({ path: `${i}`, bytes: part })));
      },
      /too large: unpacked, more than 128 MB/,
    ],
    "of too many files": [
      () => zipped(Array.from({ length: 5_001 }, (_, i) => ({ path: `${i}`, bytes: Buffer.alloc(0) }))),
      /more than 5,000 files/,
    ],
    "with a look of a base that is not in it": [
      () => changed(({ looks }) => Object.assign(of(looks), { baseId: "base-9" })),
      /looks.0: no base has the id "base-9"/,
    ],
    "with two pieces of one id": [
      () => changed(({ pieces }) => Object.assign(of(pieces, 1).piece as object, { id: "piece-1" })),
      /pieces: two have the id "piece-1"/,
    ],
    "with a height of three metres": [
      () => changed(({ measurements }) => Object.assign(of(measurements), { name: "height", cm: 299 })),
      /height/i,
    ],
    "without a rule book": [
      () => changed((file) => Object.assign(file, { ruleBooks: [] })),
      /ruleBooks: there must be one at least/,
    ],
    "with a list that is none": [() => changed((file) => Object.assign(file, { looks: {} })), /looks/i],
    "with a field that nobody knows": [
      () => changed((file) => Object.assign(file, { admin: true })),
      /admin/,
    ],
    "with a name that reaches behind": [
      () =>
        withManifest([
          {
            path: "client.json",
            bytes: Buffer.from(record.toString("utf8").replace("{", '{"__proto__": {"x": 1},')),
          },
          ...sound().slice(1),
        ]),
      /name in it that cannot be used/,
    ],
  };

  it.each(Object.entries(wrong))(
    "%s is refused in one sentence, with nothing written",
    async (_, [make, say]) => {
      const everything = async () => {
        const counts = await Promise.all(
          ["clients", "pieces", "photos", "looks", "changes"].map((table) =>
            asOwner()(table).where({ studio_id: other.studioId }).count<{ count: string }[]>("* as count"),
          ),
        );
        return counts.map(([row]) => row?.count);
      };
      const before = await everything();
      const outcome = await openClient(other, inParts(make()));
      expect(outcome.ok ? "it was opened" : outcome.faults).toEqual([
        { field: "file", say: expect.stringMatching(say) },
      ]);
      expect(outcome.ok ? "" : outcome.faults[0]?.say).toMatch(/^This file cannot be opened: [^\n]+\.$/);
      expect(await everything()).toEqual(before);
    },
  );

  it("longer than is taken is not read to its end", async () => {
    let sent = 0;
    async function* endless(): AsyncGenerator<Uint8Array> {
      for (;;) {
        sent += 1024 * 1024;
        yield await Promise.resolve(new Uint8Array(1024 * 1024));
      }
    }
    expect(await openClient(other, endless())).toMatchObject({
      ok: false,
      faults: [{ field: "file", say: "This file is too large: at most 64 MB are taken." }],
    });
    expect(sent).toBeLessThan(70 * 1024 * 1024);
  });

  it("brings a picture of another make as one of ours, without what else was in it", async () => {
    const foreign = await sharp({ create: { width: 1600, height: 900, channels: 3, background: "#b98e5f" } })
      .withExif({ IFD0: { Artist: "Somebody with an address" } })
      .jpeg()
      .toBuffer();
    const text = record.toString("utf8").replaceAll(sha256(photo), sha256(foreign));
    const id = await opened(
      other,
      withManifest([
        { path: "client.json", bytes: Buffer.from(text) },
        { path: `photos/${sha256(foreign)}.jpg`, bytes: foreign },
      ]),
    );
    await inStudio(other.studioId, async (tenant) => {
      const boots = (await listPieces(tenant, id)).find(({ piece }) => piece.photo !== undefined);
      const kept = await photoOf(tenant, boots?.piece.id ?? "");
      const about = await sharp(kept?.picture).metadata();
      expect([about.width, about.height, about.exif]).toEqual([1000, 563, undefined]);
    });
  });
});
