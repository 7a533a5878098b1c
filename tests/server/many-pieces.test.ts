import { beforeAll, describe, expect, it } from "vitest";
import { readRailTable, readRows, textOfCsv } from "@/core/formats/rail-csv/read";
import { checkRows, type RowToKeep } from "@/core/intake/rows";
import { readLine } from "@/core/intake/line";
import { kindNames } from "@/core/piece/kinds";
import type { Piece } from "@/core/piece/piece";
import { draftOf, type PieceDraft } from "@/core/studio/piece-record";
import { notNarrowed, type RailWish } from "@/core/studio/rail";
import { sample } from "@/core/testing/sample";
import {
  changePieces,
  keepPieces,
  piecesCalled,
  putPiecesAway,
  railFile,
} from "@/server/actions/many-pieces";
import { inStudio } from "@/server/db/tenant";
import { nameClients } from "@/server/records/clients";
import { findPiece } from "@/server/records/pieces";
import { wishedIds } from "@/server/records/rail";
import { as } from "./session-of-test";
import { furnishedStudio } from "./studios";

type Studio = Awaited<ReturnType<typeof furnishedStudio>>;
let one: Studio;
let two: Studio;

beforeAll(async () => {
  one = await furnishedStudio("Many pieces");
  two = await furnishedStudio("Other pieces");
});

const wholeRail: RailWish = {
  owner: null,
  shelf: "all",
  words: "",
  order: "newest",
  falling: false,
  narrowed: notNarrowed,
};
const idsOf = (studio: Studio) => inStudio(studio.studioId, (tenant) => wishedIds(tenant, wholeRail));
const row = (piece: PieceDraft, given: Partial<RowToKeep> = {}): RowToKeep => ({
  id: null,
  clientId: null,
  state: "ready",
  piece,
  ...given,
});
const written = (line: string) => readLine(line).piece as PieceDraft;
const ok = <T>(outcome: { ok: true; value: T } | { ok: false; faults: readonly unknown[] }): T => {
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.faults));
  return outcome.value;
};

/** The rows of a table as they would be recorded in a studio. */
async function rowsFor(studio: Studio, csv: string) {
  const owners = await inStudio(studio.studioId, nameClients);
  const table = readRailTable(textOfCsv(new TextEncoder().encode(csv)));
  return checkRows(readRows(table), owners, null);
}

describe("many pieces at once", () => {
  it("are recorded in their order, with what was assumed of them", async () => {
    as(one);
    const lines = ["cognac suede ankle boots, block heel 5", "navy silk square 90", "black leather tote"];
    const ids = ok(await keepPieces({ pieces: lines.map((line) => row(written(line))) }));
    const records = await inStudio(one.studioId, (tenant) =>
      Promise.all(ids.map((id) => findPiece(tenant, id))),
    );
    expect(records.map((record) => record && draftOf(record.piece))).toEqual(lines.map(written));
    expect(records[0]?.piece.assumed).toContain("shaft");
    expect((await idsOf(one)).slice(-3)).toEqual(ids);
  });

  it("are none at all where one is wrong", async () => {
    as(one);
    const before = await idsOf(one);
    const good = Array.from({ length: 600 }, () => row(written("black belt")));
    const wrong = { ...written("navy loafers"), metal: "cheese" } as unknown as PieceDraft;
    expect(await keepPieces({ pieces: [...good, row(wrong)] })).toMatchObject({
      ok: false,
      faults: [{ field: "pieces.600.piece.metal" }],
    });
    // A client of another studio is nobody's here: what stood before the last goes too.
    const foreign = await keepPieces({
      pieces: [...good, row(written("navy loafers"), { clientId: two.clientId })],
    });
    expect(foreign.ok).toBe(false);
    expect(await idsOf(one)).toEqual(before);
  });

  it("take the place of pieces on record by their numbers, never of those in the archive", async () => {
    as(one);
    const [id = ""] = ok(await keepPieces({ pieces: [row(written("grey felt hat"))] }));
    expect(ok(await keepPieces({ pieces: [row(written("brown felt hat"), { id })] }))).toEqual([id]);
    const found = await inStudio(one.studioId, (tenant) => findPiece(tenant, id));
    expect(found?.piece.name).toBe("Brown felt hat");
    expect(found?.version).toBe(2);
    ok(await putPiecesAway({ ids: [id] }));
    expect(await keepPieces({ pieces: [row(written("red felt hat"), { id })] })).toMatchObject({
      ok: false,
      faults: [{ say: /^Red felt hat is in the archive/ }],
    });
  });

  it("are found by what somebody calls them", async () => {
    as(one);
    const found = ok(await piecesCalled({ names: ["suede boots", "no such thing"] }));
    expect(found["suede boots"]?.name).toBe("Cognac suede ankle boots");
    expect(found["no such thing"]).toBeNull();
    as(two);
    expect(ok(await piecesCalled({ names: ["suede boots"] }))["suede boots"]).toBeNull();
  });
});

describe("the same said of many", () => {
  it("changes that alone, of all or of none", async () => {
    as(one);
    const ids = ok(await keepPieces({ pieces: [row(written("navy loafers")), row(written("tan loafers"))] }));
    const keys = ids.map((id) => ({ id, version: 1 }));
    const change = { state: "on loan", backOn: "2026-12-04", register: { low: 2, centre: 3, high: 4 } };
    expect(ok(await changePieces({ keys, change }))).toBe(2);
    const records = await inStudio(one.studioId, (tenant) =>
      Promise.all(ids.map((id) => findPiece(tenant, id))),
    );
    for (const [i, line] of ["navy loafers", "tan loafers"].entries()) {
      expect(records[i]).toMatchObject({ state: "on loan", backOn: "2026-12-04", version: 2 });
      const record = records[i];
      expect(record && draftOf(record.piece)).toEqual({ ...written(line), register: change.register });
    }
    // One was changed meanwhile: neither is.
    const [first, second] = ids;
    const stale = [
      { id: first, version: 2 },
      { id: second, version: 1 },
    ];
    expect(await changePieces({ keys: stale, change: { metal: "gold" } })).toMatchObject({ ok: false });
    const after = await inStudio(one.studioId, (tenant) => findPiece(tenant, first ?? ""));
    expect(after?.version).toBe(2);
    expect(await changePieces({ keys: stale, change: {} })).toMatchObject({ ok: false });
  });
});

describe("the rail as a table", () => {
  it("goes out and in again as the same rail, here and in another studio", async () => {
    as(one);
    const names = ["=Sum of all", 'A "quoted", one', "Line\nbreak", "'apostrophe"];
    const samples = kindNames.map((kind, i) => {
      const draft = draftOf(sample(kind) as Piece);
      return row(
        { ...draft, name: names[i] ?? `A ${kind}` },
        {
          clientId: one.clientId,
          needs: ["a mend"],
        },
      );
    });
    const thirds = written("red, white and blue silk square 90");
    ok(await keepPieces({ pieces: [...samples, row(thirds, { state: "in care", backOn: "2026-12-24" })] }));
    const out = ok(await railFile(wholeRail));
    const rows = await rowsFor(one, out);
    expect(rows.flatMap(({ faults }) => faults)).toEqual([]);
    const before = await idsOf(one);
    expect(ok(await keepPieces({ pieces: rows.flatMap(({ piece }) => piece ?? []) }))).toEqual(before);
    expect(ok(await railFile(wholeRail))).toBe(out);
    expect(await idsOf(one)).toEqual(before);

    as(two);
    const own = ok(await railFile(wholeRail));
    const elsewhere = await rowsFor(two, out);
    expect(elsewhere.flatMap(({ faults }) => faults)).toEqual([]);
    ok(await keepPieces({ pieces: elsewhere.flatMap(({ piece }) => piece ?? []) }));
    const both = ok(await railFile(wholeRail)).split("\r\n");
    const linesOf = (csv: string) => csv.split("\r\n").slice(1).filter(Boolean);
    for (const line of linesOf(out)) expect(both).toContain(line);
    expect(both.length - 2).toBeGreaterThanOrEqual(linesOf(out).length + linesOf(own).length);
  });

  it("of five thousand lines with one wrong writes none, and says which", async () => {
    as(one);
    const lines = Array.from({ length: 5000 }, (_, i) =>
      i === 4321 ? "Trousers,cheese,30" : `Boots ${i},navy,5`,
    );
    const rows = await rowsFor(one, ["kind,colour,heel height", ...lines].join("\n"));
    const wrong = rows.filter(({ piece }) => piece === null);
    expect(wrong).toHaveLength(1);
    expect(wrong[0]?.line).toBe(4323);
    expect(wrong[0]?.faults.join(" ")).toMatch(/cheese/);
  }, 60_000);
});
