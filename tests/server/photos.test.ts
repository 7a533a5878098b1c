import { beforeAll, describe, expect, it } from "vitest";
import sharp, { type Sharp } from "sharp";
import { readLine } from "@/core/intake/line";
import type { PieceDraft } from "@/core/studio/piece-record";
import { notNarrowed } from "@/core/studio/rail";
import { savePiece } from "@/server/actions/pieces";
import { GET } from "@/app/photo/[id]/route";
import { database } from "@/server/db/database";
import { inStudio } from "@/server/db/tenant";
import { photoOf } from "@/server/records/photos";
import { findPiece } from "@/server/records/pieces";
import { wishedIds } from "@/server/records/rail";
import { as, signedIn } from "./session-of-test";
import { furnishedStudio } from "./studios";

type Studio = Awaited<ReturnType<typeof furnishedStudio>>;
let one: Studio;
let two: Studio;

beforeAll(async () => {
  one = await furnishedStudio("Photos");
  two = await furnishedStudio("Other photos");
});

const wish = {
  owner: null,
  shelf: "all",
  words: "",
  order: "newest",
  falling: false,
  narrowed: notNarrowed,
} as const;
const count = () => inStudio(one.studioId, async (tenant) => (await wishedIds(tenant, wish)).length);

const piece = readLine("navy suede loafers").piece as PieceDraft;
const save = (
  photo: string | null | undefined,
  key: { id: string | null; version: number | null } = { id: null, version: null },
) => savePiece({ ...key, clientId: null, state: "ready", piece, ...(photo === undefined ? {} : { photo }) });

/** A picture of two halves, red at the left and blue at the right, wider than it is high. */
async function picture(): Promise<Sharp> {
  const half = await sharp({ create: { width: 800, height: 900, channels: 3, background: "#c01818" } })
    .png()
    .toBuffer();
  return sharp({ create: { width: 1600, height: 900, channels: 3, background: "#1830c0" } }).composite([
    { input: half, left: 0, top: 0 },
  ]);
}
const base64 = (bytes: Buffer) => bytes.toString("base64");
const ask = (id: string) =>
  GET(new Request(`http://studio.example/photo/${id}`), { params: Promise.resolve({ id }) });

async function kept(photo: string): Promise<{ id: string; picture: Buffer }> {
  const outcome = await save(photo);
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.faults));
  const found = await inStudio(one.studioId, (tenant) => photoOf(tenant, outcome.value));
  if (!found) throw new Error("no photo was kept");
  return { id: outcome.value, picture: found.picture };
}

describe("a photo of a piece", () => {
  it("is kept small, upright and without anything else of its file", async () => {
    as(one);
    const bytes = await (
      await picture()
    )
      .withExif({ IFD0: { Make: "A camera", Orientation: "6" }, IFD3: { GPSLatitude: "48/1 12/1 0/1" } })
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer();
    expect((await sharp(bytes).metadata()).orientation).toBe(6);
    const { picture: small } = await kept(base64(bytes));
    const { width, height, format, exif, icc, orientation } = await sharp(small).metadata();
    expect({ format, exif, icc, orientation }).toEqual({ format: "jpeg" });
    // Turned by a quarter: it stands higher than it is wide, the left half at the top.
    expect(height).toBe(1000);
    expect(width).toBeLessThan(600);
    const top = await sharp(small).extract({ left: 100, top: 20, width: 50, height: 50 }).stats();
    expect(top.dominant.r).toBeGreaterThan(top.dominant.b);
    expect(small.length).toBeLessThan(200_000);
  });

  it.each(["png", "webp"] as const)("is taken as %s too", async (format) => {
    as(one);
    const bytes = await (await picture())[format]().toBuffer();
    const { picture: small } = await kept(base64(bytes));
    expect((await sharp(small).metadata()).format).toBe("jpeg");
  });

  it("that is no picture is refused in one sentence, and the piece with it", async () => {
    as(one);
    const before = await count();
    const cut = (await (await picture()).jpeg().toBuffer()).subarray(0, 300);
    const svg = Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>');
    for (const bytes of [Buffer.from("not a picture at all"), svg, cut, Buffer.alloc(0)]) {
      const outcome = await save(base64(bytes));
      expect(outcome).toMatchObject({ ok: false, faults: [{ field: "photo" }] });
      expect(!outcome.ok && outcome.faults).toHaveLength(1);
    }
    expect(await count()).toBe(before);
  });

  it("of too many pixels is refused before it is opened", async () => {
    as(one);
    const before = await count();
    const bomb = await sharp({ create: { width: 9000, height: 9000, channels: 3, background: "#ffffff" } })
      .png({ compressionLevel: 9 })
      .toBuffer();
    expect(bomb.length).toBeLessThan(1_000_000);
    expect(await save(base64(bomb))).toMatchObject({ ok: false, faults: [{ say: /40 million pixels/ }] });
    expect(await save("x".repeat(8_000_000))).toMatchObject({ ok: false, faults: [{ field: "photo" }] });
    expect(await count()).toBe(before);
  });

  it("is made small while no connection waits for it", async () => {
    as(one);
    const large = await (await picture()).resize(6000, 5000, { fit: "fill" }).png().toBuffer();
    const { pool } = database().client as { pool: { numUsed: () => number } };
    const inUse: number[] = [];
    const watch = setInterval(() => inUse.push(pool.numUsed()), 5);
    expect(await save(base64(large))).toMatchObject({ ok: true });
    clearInterval(watch);
    expect(inUse.length).toBeGreaterThan(20);
    expect(inUse.filter((used) => used > 0).length).toBeLessThan(inUse.length / 2);
  });

  it("stays when the piece is changed, gives way to another, and goes when it is taken away", async () => {
    as(one);
    const { id } = await kept(base64(await (await picture()).jpeg().toBuffer()));
    const stampOf = async () =>
      (await inStudio(one.studioId, (tenant) => findPiece(tenant, id)))?.piece.photo;
    const first = await stampOf();
    expect(first).toMatch(/^[0-9a-f]{12}$/);
    expect(await save(undefined, { id, version: 1 })).toMatchObject({ ok: true });
    expect(await stampOf()).toBe(first);
    const other = await (await picture()).rotate(90).jpeg().toBuffer();
    expect(await save(base64(other), { id, version: 2 })).toMatchObject({ ok: true });
    expect(await stampOf()).not.toBe(first);
    expect(await save(null, { id, version: 3 })).toMatchObject({ ok: true });
    expect(await stampOf()).toBeUndefined();
  });

  it("is shown to its own studio, and to nobody else", async () => {
    as(one);
    const { id, picture: small } = await kept(base64(await (await picture()).jpeg().toBuffer()));
    const own = await ask(id);
    expect(own.status).toBe(200);
    expect(own.headers.get("content-type")).toBe("image/jpeg");
    expect(own.headers.get("cache-control")).toContain("private");
    expect(Buffer.from(await own.arrayBuffer()).equals(small)).toBe(true);
    expect((await ask("not-an-id")).status).toBe(404);
    as(two);
    expect((await ask(id)).status).toBe(404);
    expect(await save(base64(small), { id, version: 1 })).toMatchObject({ ok: false });
    as(one);
    Object.assign(signedIn, { sessionId: "00000000-0000-4000-8000-000000000000" });
    expect((await ask(id)).status).toBe(404);
  });
});
