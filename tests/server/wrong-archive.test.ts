import { createHash } from "node:crypto";
import sharp from "sharp";
import { beforeAll, describe, expect, it } from "vitest";
import { serialiseManifest } from "@/core/formats/client-file/archive";
import { archiveBounds } from "@/core/formats/client-file/archive-bounds";
import { openClient } from "@/server/archive/carry";
import { unpackClient } from "@/server/archive/unpack";
import { inStudio } from "@/server/db/tenant";
import { listPieces } from "@/server/records/pieces";
import { photoOf } from "@/server/records/photos";
import { zipped, type Zipped } from "../support/zip";
import { asOwner, furnishedStudio } from "./studios";
import { emptyStudio, inParts, opened, saved, type Sealed } from "./client-archives";

let other: Sealed;
let record: Buffer;
let photo: Buffer;

beforeAll(async () => {
  const one = await furnishedStudio("A studio that saves its clients");
  other = await emptyStudio("A studio that opens them");
  const { text, photos } = await unpackClient(await saved(one, one.clientId));
  record = Buffer.from(text, "utf8");
  photo = [...photos.values()][0] ?? Buffer.alloc(0);
});

const sha256 = (bytes: Buffer) => createHash("sha256").update(bytes).digest("hex");

describe("an archive that is not as it should be", () => {
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
