import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { dress } from "../dressing/dress";
import type { Look } from "../piece/look";
import { slotOf, type Piece } from "../piece/piece";
import { accessoryKinds, generatedChoice, wornInWays } from "../testing/generated-choice";
import { ruleCases } from "../testing/rule-cases";
import { sample } from "../testing/sample";
import { heardOf } from "../testing/heard";
import { lookWith } from "../search/best/options";
import { registry } from "./registry";

/** A look of a made-up choice with one piece in most of the slots, and now and then a top layer among them. */
function someLook(seed: number): Look {
  const { base, wardrobe } = wornInWays(generatedChoice(seed, accessoryKinds, 1), seed);
  const layer = sample("jacket", { name: "over", hex: "#c6c9cc", figures: { closed: seed % 3 === 0 } });
  const on = wardrobe.filter((_, i) => (seed >> i) % 4 !== 0);
  return lookWith(base, seed % 5 === 0 ? [...on, layer] : on);
}

const few = registry.flatMap((rule) => (rule.reads === "everything" ? [] : [{ ...rule, reads: rule.reads }]));

describe("what a rule says it reads", () => {
  it("is all it reads: pieces of other slots may come and go", () => {
    const said = new Set<string>();
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1 << 17 }), (seed) => {
        const look = someLook(seed);
        const whole = dress(look);
        for (const rule of few) {
          const isRead = (piece: Piece) => {
            const slot = slotOf(piece);
            return slot === "layer" || (slot !== null && rule.reads.includes(slot));
          };
          const rest = dress(lookWith({ ...look, accessories: [] }, look.accessories.filter(isRead)));
          const heard = heardOf(rule.read(whole));
          if (heard.length > 0) said.add(rule.id);
          expect(heardOf(rule.read(rest)), rule.id).toEqual(heard);
        }
      }),
      { numRuns: 600 },
    );
    // Rules that never say anything would hold whatever they read.
    expect(said.size).toBeGreaterThan(30);
  }, 120_000);

  it.each(few.map((rule) => [rule.id, rule] as const))("is all it reads in its own cases: %s", (id, rule) => {
    for (const [i, [, , given]] of (ruleCases[id]?.says ?? []).entries()) {
      const others = generatedChoice(700 + i, accessoryKinds, 1).wardrobe.filter((piece) => {
        const slot = slotOf(piece);
        return slot !== null && !rule.reads.includes(slot);
      });
      const heard = heardOf(rule.read(dress(given)));
      expect(heard).not.toEqual([]);
      expect(heardOf(rule.read(dress({ ...given, accessories: [...given.accessories, ...others] })))).toEqual(
        heard,
      );
    }
  });
});
