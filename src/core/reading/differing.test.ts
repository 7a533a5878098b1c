import { describe, expect, it } from "vitest";
import { dress } from "../dressing/dress";
import { adjust, type AdjustmentOf } from "../piece/adjustment";
import { swap, takeOff, wear, type Look } from "../piece/look";
import { bitOf, everyBit } from "../rules/reads";
import { sample, sampleLook, sampleOccasion } from "../testing/sample";
import { differing, exchangedIn } from "./differing";

const earrings = sample("earrings", { id: "earrings" });
const bag = sample("bag", { id: "bag" });
const scarf = sample("scarf", { id: "scarf" });
const trousers = sample("trousers", { id: "trousers" });
const look = sampleLook({
  garments: [trousers, sample("top", { id: "top" })],
  accessories: [earrings, bag, scarf],
});
const other = sample("bag", { id: "other" });
const tiedSo = (tie: AdjustmentOf<"tie">["tie"]): AdjustmentOf<"tie"> => ({
  kind: "tie",
  piece: "scarf",
  tie,
  fold: "bias band",
  corner: "lower left",
  face: "right",
  turned: false,
  band: 6,
});

describe("the slots in which two looks differ", () => {
  it("are those of what has come and gone", () => {
    expect(differing(look, look)).toBe(0);
    expect(differing(look, swap(look, "bag", other))).toBe(bitOf("bag"));
    expect(differing(look, takeOff(look, "earrings"))).toBe(bitOf("earrings"));
    expect(differing(look, wear(look, sample("watch")))).toBe(bitOf("wrist"));
    const both = swap(takeOff(look, "earrings"), "bag", other);
    expect(differing(look, both)).toBe(bitOf("bag") | bitOf("earrings"));
  });

  it("are those of a piece that is worn in another way, where it was and where it is", () => {
    const tied = (tie: AdjustmentOf<"tie">["tie"]): Look => ({
      ...look,
      adjustments: adjust([], tiedSo(tie)),
    });
    expect(differing(look, tied("knot in front"))).toBe(bitOf("neck"));
    expect(differing(tied("knot in front"), tied("knot behind"))).toBe(bitOf("neck"));
    const secondHole = adjust([], { kind: "second-hole", piece: "earrings" });
    expect(differing(look, { ...look, adjustments: secondHole })).toBe(bitOf("earrings") | bitOf("ear"));
  });

  it("are all where a garment is worn otherwise, and where wearer, occasion, garments, record or order differ", () => {
    const turned = adjust([], { kind: "turn", piece: "trousers", count: 1, depth: 3 });
    const others: readonly Look[] = [
      { ...look, adjustments: turned },
      { ...look, client: { ...look.client } },
      { ...look, occasion: sampleOccasion },
      { ...look, garments: [trousers] },
      { ...look, onRecord: { today: "2026-03-01", upkeep: {}, shown: [] } },
      { ...look, accessories: [bag, earrings, scarf] },
      wear(look, sample("jacket")),
    ];
    for (const each of others) expect(differing(look, each)).toBe(everyBit);
  });
});

describe("what was exchanged", () => {
  const before = dress(look);
  const exchanged = (to: Look) => exchangedIn(before, dress(to, before))?.map(({ piece }) => piece.id);

  it("is an accessory and the one whose place it took, where all else is worn alike", () => {
    expect(exchanged(swap(look, "bag", other))).toEqual(["bag", "other"]);
    expect(exchanged(look)).toEqual([]);
  });

  it("is not told where one more is worn or one less, a garment among them, or the shares are others", () => {
    expect(exchanged(takeOff(look, "bag"))).toBeUndefined();
    expect(exchanged(wear(look, sample("watch")))).toBeUndefined();
    expect(exchanged({ ...look, garments: [trousers, sample("top", { id: "another" })] })).toBeUndefined();
    expect(exchanged(swap(look, "neck", sample("hat", { id: "hat" })))).toBeUndefined();
  });
});
