import { beforeAll, describe, expect, it } from "vitest";
import { sample } from "@/core/testing/sample";
import { notNarrowed, railWindowSize, studioKit, type RailNarrowed, type RailWish } from "@/core/studio/rail";
import { draftOf } from "@/core/studio/piece-record";
import { inStudio } from "@/server/db/tenant";
import { addClient } from "@/server/records/clients";
import { addPiece, changePiece, putPieceAway } from "@/server/records/pieces";
import { hasPieces, railWindow } from "@/server/records/rail";
import { sets } from "@/server/records/sets";
import { todayIn } from "@/server/records/studio";
import { addWear } from "@/server/records/wears";
import { clientInput, newStudio } from "./studios";

let studio: string;
let client: string;
const many = 2 * railWindowSize + 30;

beforeAll(async () => {
  studio = await newStudio("A long rail");
  await inStudio(studio, async (tenant) => {
    expect(await hasPieces(tenant)).toBe(false);
    client = await addClient(tenant, clientInput);
    for (let i = 0; i < many; i += 1) {
      const name = `Shoe ${String(i).padStart(3, "0")}`;
      const register = { low: 1, centre: 1 + (i % 9), high: 9 };
      const piece = draftOf(sample("shoe", { name, hex: "#8a1f2b", register }));
      await addPiece(tenant, { piece, clientId: client, state: "ready" });
    }
    const bag = draftOf(sample("bag", { name: "50 % silk_bag", finish: "suede", hex: "#1d2742" }));
    await addPiece(tenant, { piece: bag, clientId: null, state: "in care" });
    const skirt = draftOf(sample("skirt", { name: "Moss skirt" }));
    await addPiece(tenant, { piece: skirt, clientId: client, state: "ready" });
  });
});

const wish = (given: Partial<RailWish>): RailWish => ({
  owner: null,
  shelf: "all",
  words: "",
  order: "newest",
  falling: false,
  narrowed: notNarrowed,
  ...given,
});
const look = (given: Partial<RailWish>, from = 0) =>
  inStudio(studio, (tenant) => railWindow(tenant, wish(given), from));
const names = async (given: Partial<RailWish>, from = 0) =>
  (await look(given, from)).pieces.map(({ piece }) => piece.name);

describe("the rail", () => {
  it("comes a window at a time, and says how many pieces there are", async () => {
    const first = await look({});
    expect(first.count).toBe(many + 2);
    expect(first.pieces).toHaveLength(railWindowSize);
    const last = await look({}, 2 * railWindowSize);
    expect(last.pieces).toHaveLength(32);
    expect(last.from).toBe(2 * railWindowSize);
    expect(await names({}, many + 2)).toEqual([]);
  });

  it("is looked through by owner, shelf and words, a wildcard being a letter", async () => {
    expect((await look({ owner: client })).count).toBe(many + 1);
    expect(await names({ owner: studioKit })).toEqual(["50 % silk_bag"]);
    expect(await names({ shelf: "garments" })).toEqual(["Moss skirt"]);
    expect(await names({ shelf: "bag" })).toEqual(["50 % silk_bag"]);
    expect((await look({ shelf: "accessories" })).count).toBe(many + 1);
    expect(await names({ words: "SUEDE, navy bag" })).toEqual(["50 % silk_bag"]);
    expect(await names({ words: "50 %" })).toEqual(["50 % silk_bag"]);
    expect(await names({ words: "silkXbag" })).toEqual([]);
    // 000 to 009, 100 and 200.
    expect((await look({ words: "shoe 00" })).count).toBe(12);
  });

  it("stands in the order that is asked for, rising or falling", async () => {
    expect((await names({ order: "name", shelf: "shoe" }))[0]).toBe("Shoe 000");
    expect((await names({ order: "name", shelf: "shoe", falling: true }))[0]).toBe(`Shoe ${many - 1}`);
    const levels = (await look({ order: "level", falling: true })).pieces.map(
      ({ piece }) => piece.register?.centre ?? NaN,
    );
    expect(levels).toEqual([...levels].sort((one, other) => other - one));
    expect((await names({ order: "state" }))[0]).toBe("50 % silk_bag");
  });

  it("finds a piece by what it is called now, and not once it is put away", async () => {
    await inStudio(studio, async (tenant) => {
      const [record] = (await railWindow(tenant, wish({ words: "moss" }), 0)).pieces;
      if (!record) throw new Error("the skirt is gone");
      const { piece, version } = record;
      const input = { piece: draftOf({ ...piece, name: "Fern skirt" }), clientId: client };
      await changePiece(tenant, { id: piece.id, version }, { ...input, state: "ready" });
      expect((await railWindow(tenant, wish({ words: "moss" }), 0)).count).toBe(0);
      expect((await railWindow(tenant, wish({ words: "fern" }), 0)).count).toBe(1);
      await putPieceAway(tenant, piece.id);
      expect((await railWindow(tenant, wish({ words: "fern" }), 0)).count).toBe(0);
    });
  });

  it("is narrowed by colour, metal, level, season, state, cloth and when a piece was last worn", async () => {
    const narrowed = async (given: Partial<RailNarrowed>) =>
      (await look({ narrowed: { ...notNarrowed, ...given } })).count;
    expect(await narrowed({ family: "burgundy" })).toBe(many);
    expect(await names({ narrowed: { ...notNarrowed, family: "navy" } })).toContain("50 % silk_bag");
    expect(await narrowed({ state: "in care" })).toBe(1);
    expect(await narrowed({ state: "on loan" })).toBe(0);
    // Every shoe is at home on all nine levels here.
    expect(await narrowed({ level: 9 })).toBeGreaterThanOrEqual(many);
    const raffia = draftOf(sample("bag", { name: "Raffia", finish: "raffia", metal: "brass" }));
    const wool = draftOf(sample("coat", { name: "Wool coat", cloth: "wool" }));
    const ids = await inStudio(studio, async (tenant) => [
      await addPiece(tenant, { piece: raffia, clientId: null, state: "ready" }),
      await addPiece(tenant, { piece: wool, clientId: client, state: "ready" }),
    ]);
    expect(await names({ narrowed: { ...notNarrowed, season: "warm months" } })).toEqual(["Raffia"]);
    expect(await names({ narrowed: { ...notNarrowed, season: "cold months" } })).toEqual(["Wool coat"]);
    expect(await names({ narrowed: { ...notNarrowed, metal: "brass" } })).toEqual(["Raffia"]);
    expect(await names({ narrowed: { ...notNarrowed, cloth: "wool" } })).toEqual(["Wool coat"]);
    const all = (await look({})).count;
    expect(await narrowed({ unworn: "yet" })).toBe(all);
    await inStudio(studio, async (tenant) => {
      const set = await sets.add(tenant, { clientId: client, name: "Worn", pieceIds: [ids[0] ?? ""] });
      const day = await todayIn(tenant);
      const before = new Date(Date.parse(day) - 60 * 86_400_000).toISOString().slice(0, 10);
      await addWear(tenant, { clientId: client, setId: set, day: before });
    });
    expect(await narrowed({ unworn: "yet" })).toBe(all - 1);
    expect(await narrowed({ unworn: "a month" })).toBe(all);
    expect(await narrowed({ unworn: "three months" })).toBe(all - 1);
  });
});
