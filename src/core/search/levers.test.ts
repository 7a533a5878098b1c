import { describe, expect, it } from "vitest";
import { swap } from "../piece/look";
import type { Piece } from "../piece/piece";
import { read } from "../reading/read";
import { sample, sampleLook, sampleOccasion } from "../testing/sample";
import { leversOf } from "./levers";

const boots = sample("shoe", { name: "Boots", figures: { form: "boot", lift: 4, shaft: 12, shaftTop: 31 } });
const bag = sample("bag", { name: "Tan bag", hex: "#a77b4f" });
const watch = sample("watch", { name: "Steel watch", metal: "steel", metalSize: 2 });
const look = sampleLook({
  garments: [
    sample("trousers", { name: "Camel trousers", hex: "#c2a57d" }),
    sample("top", { name: "Ink knit", hex: "#1d2742", figures: { tucked: true } }),
  ],
  accessories: [boots, bag, watch],
  occasion: sampleOccasion,
});
const reading = read(look);

describe("levers", () => {
  const at = (name: string, centre: number) =>
    sample("shoe", { name, register: { low: centre - 1, centre, high: centre + 1 } });
  const wardrobe: Piece[] = [at("Runners", 2.5), at("Court shoes", 7.5), boots, bag, watch];
  const levers = leversOf(look, wardrobe);

  it("give for a slot the swap that moves the level furthest each way", () => {
    const shoe = levers.find(({ slot }) => slot === "shoe");
    const now = reading.level ?? 0;
    for (const lever of [shoe?.quieter, shoe?.dressier]) {
      if (!lever) continue;
      const after = read(swap(look, lever.slot, lever.piece));
      expect(after.level).toBe(lever.level);
      expect(lever.steps).toBeCloseTo(lever.level - now, 9);
      expect(after.score).toBe(lever.score);
    }
    expect(shoe?.quieter?.steps ?? 0).toBeLessThanOrEqual(0);
    expect(shoe?.dressier?.steps ?? 0).toBeGreaterThanOrEqual(0);
  });

  it.each([
    [-0.3, "quieter"],
    [-0.25, "quieter"],
    [-0.2, null],
    [0.2, null],
    [0.25, "dressier"],
    [0.3, "dressier"],
  ] as const)("are of a quarter of a level at least: a move by %d is %s", (by, way) => {
    const alone = sampleLook({ garments: [], accessories: [at("On", 5)] });
    const [found] = leversOf(alone, [at("Other", 5 + by)]);
    expect(found?.quieter?.piece.name ?? null).toBe(way === "quieter" ? "Other" : null);
    expect(found?.dressier?.piece.name ?? null).toBe(way === "dressier" ? "Other" : null);
  });

  it("are the furthest of several, and of equally far ones that with the better score", () => {
    const alone = sampleLook({ garments: [], accessories: [at("On", 5)] });
    const [far] = leversOf(alone, [
      at("Near", 6),
      at("Far", 7.5),
      at("Nearer", 5.5),
      at("Down", 3),
      at("Lower", 2),
    ]);
    expect(far?.dressier).toMatchObject({ piece: { name: "Far" }, level: 7.5, steps: 2.5 });
    expect(far?.quieter).toMatchObject({ piece: { name: "Lower" }, level: 2, steps: -3 });
    // Its colour answers the bag's: of two that move the look as far it reads better.
    const pair = (name: string, hex: string) => ({
      ...at(name, 7.5),
      ...{ swatches: sample("shoe", { hex }).swatches },
    });
    const other = pair("Other", "#2450c0");
    const answering = pair("Answering", "#a77b4f");
    const better = (first: Piece, second: Piece) =>
      leversOf(look, [first, second]).find(({ slot }) => slot === "shoe")?.dressier?.piece.name;
    const score = (piece: Piece) => read(swap(look, "shoe", piece)).score;
    expect(score(answering)).not.toBe(score(other));
    const best = score(answering) > score(other) ? "Answering" : "Other";
    expect([better(other, answering), better(answering, other)]).toEqual([best, best]);
  });

  it("leave what is on where it is, and pieces of other slots where they belong", () => {
    const alone = sampleLook({ garments: [], accessories: [boots] });
    expect(leversOf(alone, [boots])).toEqual([]);
    for (const { slot, quieter, dressier } of levers)
      for (const lever of [quieter, dressier]) if (lever) expect(lever.slot).toBe(slot);
  });

  it("leave out slots that move nothing, and an empty look", () => {
    expect(levers.some(({ slot }) => slot === "wrist")).toBe(false);
    expect(leversOf(sampleLook({}), wardrobe)).toEqual([]);
  });
});
