import { describe, expect, it } from "vitest";
import { dress } from "../dressing/dress";
import type { Look } from "../piece/look";
import { sample, sampleLook, sampleOccasion } from "../testing/sample";
import { nextStation } from "./next-station";
import { readDressed } from "./read";

const next = (look: Look) => {
  const dressed = dress(look);
  return nextStation(dressed, readDressed(dressed).findings);
};
const skirt = sample("skirt", { name: "skirt" });
const top = sample("top", { name: "top" });
const shoe = sample("shoe", { name: "shoe" });

describe("the station to fill next", () => {
  it("is none on an empty bench", () => {
    expect(next(sampleLook({}))).toBeNull();
  });

  it("is the shoes, then what the occasion expects, then a bag, then nothing", () => {
    const garments = [skirt, top];
    expect(next(sampleLook({ garments }))).toEqual({ slot: "shoe", reason: { why: "shoes decide" } });
    const occasion = { ...sampleOccasion, name: "Dinner", flags: ["hosiery expected" as const] };
    expect(next(sampleLook({ garments, accessories: [shoe], occasion }))).toEqual({
      slot: "hosiery",
      reason: { why: "occasion expects", occasion: "Dinner" },
    });
    const tights = sample("hosiery", { name: "tights" });
    expect(next(sampleLook({ garments, accessories: [shoe, tights], occasion }))?.slot).not.toBe("hosiery");
    const bag = sample("bag", { name: "bag" });
    const withBag = next(sampleLook({ garments, accessories: [shoe, tights, bag], occasion }));
    expect(withBag?.slot).not.toBe("bag");
  });
});
