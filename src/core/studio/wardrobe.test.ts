import { describe, expect, it } from "vitest";
import { levelWord } from "../register/ladder";
import { sample, sampleClient, sampleOccasion } from "../testing/sample";
import { layOut, offered, pieceOf, type Wardrobe } from "./wardrobe";

const trousers = sample("trousers", { name: "trousers" });
const shoe = sample("shoe", { name: "shoe" });
const bag = sample("bag", { name: "bag" });
const wardrobe: Wardrobe = {
  client: sampleClient,
  pieces: [trousers, shoe, bag],
  occasions: [sampleOccasion],
  away: ["bag"],
};

describe("a wardrobe", () => {
  it("lays out a look by its ids, with the pieces' own objects", () => {
    const look = layOut(wardrobe, {
      garmentIds: ["trousers"],
      accessoryIds: ["shoe"],
      adjustments: [],
      occasionId: "occasion",
    });
    expect(look.garments[0]).toBe(trousers);
    expect(look.accessories).toEqual([shoe]);
    expect(look.occasion).toBe(sampleOccasion);
  });

  it("leaves out what is no longer there, with what was done to it", () => {
    const look = layOut(wardrobe, {
      garmentIds: ["trousers", "gone"],
      accessoryIds: ["lost", "shoe"],
      adjustments: [
        { kind: "turn", piece: "trousers", count: 1, depth: 4 },
        { kind: "double", piece: "a chain that was never on" },
      ],
      occasionId: "cancelled",
    });
    expect(look.garments).toEqual([trousers]);
    expect(look.accessories).toEqual([shoe]);
    expect(look.adjustments.map(({ kind }) => kind)).toEqual(["turn"]);
    expect(look.occasion).toBeNull();
  });

  it("does not offer what is in care or on loan, and still knows it", () => {
    expect(offered(wardrobe)).toEqual([trousers, shoe]);
    expect(pieceOf(wardrobe, "bag")).toBe(bag);
    expect(pieceOf(wardrobe, "hat")).toBeUndefined();
  });
});

describe("the ladder", () => {
  it.each([
    [1, "shore and sofa"],
    [5.4, "polished smart"],
    [5.5, "business"],
    [9, "black tie"],
    [12, "black tie"],
  ])("calls %d %s", (level, word) => {
    expect(levelWord(level)).toBe(word);
  });
});
