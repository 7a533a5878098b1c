import { describe, expect, it } from "vitest";
import { swap } from "../piece/look";
import { slotOf } from "../piece/piece";
import { numbersFrom } from "../testing/generated";
import { accessoryKinds, generatedChoice } from "../testing/generated-choice";
import { lookWith } from "./best/options";
import { jarringOf, stillJars } from "./jarring";
import { reachOf } from "./reach";

/** What is said of made-up looks that jar with one piece exchanged, and what they read as then. */
function told(part: number, many: number) {
  const next = numbersFrom(700 + part);
  return Array.from({ length: many }, () => [
    Math.floor(next() * 1_000_000),
    Math.floor(next() * 1000),
  ]).flatMap(([seed = 0, number = 0]) => {
    const { base, wardrobe } = generatedChoice(seed, accessoryKinds, 2);
    const on = wardrobe.filter((_, i) => i % 2 === 0 && (seed >> (i / 2)) % 4 === 0);
    const jarring = jarringOf(lookWith(base, on));
    const piece = wardrobe[number % wardrobe.length];
    const slot = piece && slotOf(piece);
    if (jarring.by.length === 0 || !piece || !slot) return [];
    const other = swap(jarring.read.dressed.look, slot, piece);
    return [{ still: stillJars(jarring, other), verdict: reachOf(other).verdict }];
  });
}

describe("a look that jars", () => {
  it.each(Array.from({ length: 15 }, (_, part) => part))(
    "is said to jar still only where it does, as it would be worn, %i",
    (part) => {
      const still = told(part, 50).filter((each) => each.still);
      expect(still.length).toBeGreaterThan(5);
      for (const { verdict } of still) expect(verdict).toBe("jars");
    },
  );

  it("is opened by an exchange often enough for that to say something", () => {
    expect(told(0, 500).filter(({ verdict }) => verdict !== "jars").length).toBeGreaterThan(2);
  });
});
