import { describe, expect, it } from "vitest";
import { sample, sampleLook } from "../testing/sample";
import { apply } from "./change";
import { editPass } from "./edit-pass";
import { read } from "./read";
import { isFault } from "./severity";
import { markOf } from "./verdict";

const worn = sampleLook({
  accessories: [
    sample("shoe", { name: "Black ankle boots", hex: "#17181a", metal: "gold", metalSize: 1 }),
    sample("bag", { name: "Tan bag", hex: "#a77b4f", metal: "brass", metalSize: 2 }),
    sample("watch", { name: "Steel watch", metal: "steel", metalSize: 2 }),
  ],
});

describe("the edit pass", () => {
  it("reads the look without each accessory but the shoes, the best to lose first", () => {
    const removals = editPass(worn);
    expect(removals.map(({ piece }) => piece.name).sort()).toEqual(["Steel watch", "Tan bag"]);
    expect(removals[0]?.worth.after).toBe(Math.max(...removals.map(({ worth }) => worth.after)));
    for (const { piece, worth } of removals) {
      const without = read(apply(worn, { kind: "take-off", piece: piece.id }));
      expect(worth.after).toBe(markOf(without));
      expect(worth.gain).toBeCloseTo(without.points - read(worn).points, 5);
    }
  });

  it("has faults to be rid of", () => {
    expect(read(worn).findings.some(isFault)).toBe(true);
  });
});
