import { describe, expect, it } from "vitest";
import { dress } from "../dressing/dress";
import type { Look } from "../piece/look";
import type { Finding } from "../rules/finding";
import { madeFinding } from "../testing/made-finding";
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

  it.each<[Partial<Finding>, object]>([
    [
      { rule: "register.occasion", message: "head covered", words: { occasion: "The wedding" } },
      { slot: "hat", reason: { why: "occasion expects", occasion: "The wedding" } },
    ],
    [
      { rule: "proportion.belt-need", message: "unmarked" },
      { slot: "belt", reason: { why: "more waist" } },
    ],
    [
      { rule: "colour.echo", message: "bare", words: { family: "rust" } },
      { slot: "neck", reason: { why: "colour alone", family: "rust" } },
    ],
  ])("is what %o asks for, and a bag where its place is filled", (asking, station) => {
    const look = sampleLook({ garments: [skirt, top], accessories: [shoe] });
    const bag = { slot: "bag", reason: { why: "nothing to carry" } };
    const finding = madeFinding(asking);
    expect(nextStation(dress(look), [madeFinding({ message: "kept" }), finding])).toEqual(station);
    expect(nextStation(dress(look), [{ ...finding, rule: "nobody.says" }])).toEqual(bag);
    expect(nextStation(dress(look), [{ ...finding, message: "something else" }])).toEqual(bag);
    const filled = [sample("hat"), sample("belt"), sample("scarf")];
    const full = { ...look, accessories: [shoe, ...filled] };
    expect(nextStation(dress(full), [finding])).toEqual(bag);
    const carried = { ...full, accessories: [shoe, ...filled, sample("bag")] };
    expect(nextStation(dress(carried), [finding])).toBeNull();
  });
});
