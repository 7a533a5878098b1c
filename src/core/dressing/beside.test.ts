import { describe, expect, it } from "vitest";
import { adjust } from "../piece/adjustment";
import { swap, takeOff, wear, type Look } from "../piece/look";
import { slotOf, type Piece } from "../piece/piece";
import { neighbours } from "../testing/neighbours";
import { sample, sampleClient, sampleLook } from "../testing/sample";
import { besideOf } from "./beside";
import { dress } from "./dress";
import type { Dressed } from "./dressed";

const earrings = sample("earrings", { id: "earrings" });
const necklace = sample("necklace", { id: "necklace" });
const bag = sample("bag", { id: "bag" });
const shoe = sample("shoe", { id: "shoe" });
const tights = sample("hosiery", { id: "tights" });
const trousers = sample("trousers", { id: "trousers", figures: { inseam: 72 } });
const top = sample("top", { id: "top" });
const look = sampleLook({
  garments: [trousers, top],
  accessories: [earrings, necklace, bag, tights, shoe],
});
const before = dress(look);

/** The pieces of a look that are the same, worn alike, as in the look before. */
const wornAlike = ({ worn }: Dressed) =>
  worn.filter((item) => before.worn.includes(item)).map(({ piece }) => piece.id);

describe("a look dressed beside another", () => {
  it("is as it is by itself, whatever the change", () => {
    for (let seed = 2000; seed < 2250; seed += 1) {
      const [one, other] = neighbours(seed);
      expect(dress(other, dress(one))).toEqual(dress(other));
    }
  });

  it("keeps every piece that lies alike and takes as much of the look", () => {
    const other = dress(swap(look, "earrings", sample("earrings", { id: "others" })), before);
    expect(wornAlike(other)).toEqual(["trousers", "top", "necklace", "bag", "tights", "shoe"]);
    expect(wornAlike(dress(look, before))).toHaveLength(look.accessories.length + 2);
  });

  it("lays nothing else anew where only the shares are others", () => {
    const larger = dress(wear(look, sample("coat", { id: "coat", figures: { closed: true } })), before);
    expect(wornAlike(larger)).toEqual([]);
    const off = dress(takeOff(look, "bag"), before);
    expect(wornAlike(off)).toEqual([]);
    const laid = off.laid.pieces.filter((piece) => before.laid.pieces.includes(piece));
    expect(laid.map(({ placed }) => placed.piece.id)).toEqual([
      "trousers",
      "top",
      "earrings",
      "necklace",
      "tights",
      "shoe",
    ]);
  });

  it("lays anew what lies under something that has come", () => {
    const boots = sample("shoe", {
      id: "boots",
      figures: { form: "boot", shaft: 30, shaftTop: 36 },
    });
    const booted = dress(swap(look, "shoe", boots), before);
    const laid = booted.laid.pieces.filter((piece) => before.laid.pieces.includes(piece));
    expect(laid.map(({ placed }) => placed.piece.id)).not.toContain("tights");
    expect(laid.map(({ placed }) => placed.piece.id)).toContain("top");
    const tightsSeen = (dressed: Dressed) => dressed.hosiery?.seen;
    expect(tightsSeen(booted)).toEqual(tightsSeen(dress(booted.look)));
    expect(tightsSeen(booted)).not.toEqual(tightsSeen(before));
  });

  it("measures leg, neck and bag anew only where what they rest on has come or gone", () => {
    const kept = (other: Look) => {
      const { leg, neck, landing } = dress(other, before);
      return { leg: leg === before.leg, neck: neck === before.neck, bag: landing === before.landing };
    };
    const swapped = (piece: Piece) => kept(swap(look, slotOf(piece) ?? "bag", { ...piece, id: "another" }));
    expect(swapped(earrings)).toEqual({ leg: true, neck: true, bag: true });
    expect(swapped(shoe)).toEqual({ leg: false, neck: true, bag: true });
    expect(swapped(necklace)).toEqual({ leg: true, neck: false, bag: true });
    expect(swapped(bag)).toEqual({ leg: true, neck: true, bag: false });
    expect(kept(wear(look, sample("coat", { id: "coat" }))).bag).toBe(false);
    expect(kept(wear(look, sample("scarf", { id: "scarf" }))).neck).toBe(false);
  });
});

describe("what one look has otherwise than another", () => {
  it("is what is gone and what has come", () => {
    const other = sample("bag", { id: "other" });
    expect(besideOf(swap(look, "bag", other), before)).toMatchObject({ gone: [bag], come: [other] });
    expect(besideOf(takeOff(look, "bag"), before)).toMatchObject({ gone: [bag], come: [] });
    expect(besideOf(look, before)).toMatchObject({ gone: [], come: [] });
  });

  it("is both for a piece that stands in another place among the rest", () => {
    const turned = besideOf({ ...look, accessories: [necklace, bag, tights, shoe, earrings] }, before);
    expect(turned).toMatchObject({ gone: [earrings], come: [earrings] });
  });

  it("is more than that with other garments, another wearer, another way of wearing, or a garment put on twice", () => {
    const turn = { kind: "turn", piece: "trousers", count: 1, depth: 4 } as const;
    const others: readonly Look[] = [
      { ...look, garments: [trousers] },
      { ...look, client: { ...sampleClient } },
      { ...look, adjustments: adjust([], turn) },
      { ...look, accessories: [...look.accessories, top] },
    ];
    for (const other of others) expect(besideOf(other, before)).toBeNull();
  });
});
