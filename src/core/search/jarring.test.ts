import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { swap } from "../piece/look";
import { slotOf } from "../piece/piece";
import { accessoryKinds, generatedChoice } from "../testing/generated-choice";
import { lookWith } from "./best/options";
import { jarringOf, stillJars } from "./jarring";
import { reachOf } from "./reach";

describe("a look that jars", () => {
  it("is said to jar still only where it does, as it would be worn", () => {
    const told = { still: 0, opened: 0 };
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1_000_000 }), fc.nat(), (seed, number) => {
        const { base, wardrobe } = generatedChoice(seed, accessoryKinds, 2);
        const on = wardrobe.filter((_, i) => i % 2 === 0 && (seed >> (i / 2)) % 4 === 0);
        const jarring = jarringOf(lookWith(base, on));
        const piece = wardrobe[number % wardrobe.length];
        const slot = piece && slotOf(piece);
        if (jarring.by.length === 0 || !piece || !slot) return;
        const other = swap(jarring.read.dressed.look, slot, piece);
        const still = stillJars(jarring, other);
        if (still) told.still += 1;
        const { verdict } = reachOf(other);
        if (verdict !== "jars") told.opened += 1;
        if (still) expect(verdict).toBe("jars");
      }),
      { numRuns: 1500 },
    );
    // Each is met often enough for that to say something.
    expect(told.still).toBeGreaterThan(300);
    expect(told.opened).toBeGreaterThan(5);
  }, 60_000);
});
