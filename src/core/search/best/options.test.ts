import { describe, expect, it } from "vitest";
import { sample, sampleLook } from "../../testing/sample";
import { lookWith, placesOf, wornAlone } from "./options";
import { setProblem, type SetWish } from "./set-problem";

const shoe = sample("shoe", { name: "shoe" });
const bag = sample("bag", { name: "bag" });
const legs = sample("trousers", { name: "legs", figures: { inseam: 74 } });
const turn = { kind: "turn", piece: "legs", count: 1, depth: 3 } as const;
const over = { kind: "second-hole", piece: "studs" } as const;

describe("a base with what was chosen", () => {
  it("has on what it had and what is chosen, and nothing for a place that stays empty", () => {
    const base = sampleLook({ garments: [legs], accessories: [bag] });
    expect(lookWith(base, [null, shoe, null])).toEqual({ ...base, accessories: [bag, shoe] });
    expect(lookWith(base, []).adjustments).toBe(base.adjustments);
  });

  it("is worn as the base has it, as far as that is on", () => {
    const base = sampleLook({ garments: [legs], adjustments: [turn, over] });
    expect(lookWith(base, [shoe]).adjustments).toEqual([turn]);
    const studs = sample("earrings", { name: "studs" });
    expect(lookWith(base, [studs]).adjustments).toEqual([turn, over]);
    const bare = { ...base, garments: [] };
    expect(lookWith(bare, [shoe]).adjustments).toEqual([]);
  });
});

describe("a piece worn alone", () => {
  it("is as it is with nothing but the base, and none where it is not worn there", () => {
    const base = sampleLook({ garments: [legs], accessories: [bag] });
    expect(wornAlone(base, shoe)?.piece).toBe(shoe);
    expect(wornAlone(base, bag)?.piece).toBe(bag);
  });
});

describe("the places of a choice", () => {
  it("are the slots that are wished for with what is laid out for each, empty where that may stay so", () => {
    const wish: SetWish = {
      slots: [
        { slot: "bag", optional: true, pinned: null },
        { slot: "shoe", optional: false, pinned: null },
      ],
      forRain: false,
      from: null,
      to: null,
    };
    const places = placesOf(setProblem(sampleLook({ garments: [legs] }), [shoe, bag], wish), wish);
    expect(places.map(({ slot }) => slot)).toEqual(["bag", "shoe"]);
    expect(places.map(({ options }) => options.map((piece) => piece?.name ?? null).sort())).toEqual([
      ["bag", null],
      ["shoe"],
    ]);
  });
});
