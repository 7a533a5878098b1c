import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { accessoryKinds, generatedChoice } from "../testing/generated-choice";
import { sample, sampleClient, sampleLook } from "../testing/sample";
import { dress } from "./dress";
import { levelRanges, openPulls } from "./level-range";

const level = (centre: number, reach = 3) => ({ low: centre - reach, centre, high: centre + reach });
const base = sampleLook({
  client: sampleClient,
  garments: [sample("dress", { name: "dress", register: level(5) })],
});
const shoe = sample("shoe", { name: "shoe", register: level(7) });
const bag = sample("bag", { name: "bag", register: level(3) });
const itemOf = (piece: typeof shoe | typeof bag) => {
  const worn = dress({ ...base, accessories: [piece] }).worn.find((item) => item.piece === piece);
  if (!worn) throw new Error("not worn");
  return worn;
};

describe("the levels between which a look will stand", () => {
  it("reach from what may pull down to what may pull up, with what is on for certain", () => {
    const on = dress({ ...base, accessories: [shoe] });
    const ranges = levelRanges(on.worn, on.placing, openPulls([[itemOf(bag)]], 5));
    const range = ranges(null);
    // The shoe weighs 0.4 and lies two steps above, the bag 0.2 and two below.
    expect(range?.high).toBeCloseTo(5.8, 4);
    expect(range?.low).toBeCloseTo(5.4, 4);
    const without = ranges(on.worn.find(({ piece }) => piece === shoe) ?? null);
    expect(without?.high).toBeCloseTo(5, 4);
    expect(without?.low).toBeCloseTo(4.6, 4);
  });

  it("are the level itself once nothing is open", () => {
    const on = dress({ ...base, accessories: [shoe, bag] });
    const range = levelRanges(on.worn, on.placing, openPulls([], 5))(null);
    expect(range?.low).toBeCloseTo(on.level ?? NaN, 4);
    expect(range?.high).toBeCloseTo(on.level ?? NaN, 4);
  });

  it("are not known without a garment whose level was said", () => {
    const on = dress({ ...base, garments: [], accessories: [shoe] });
    expect(levelRanges(on.worn, on.placing, openPulls([], 5))(null)).toBeNull();
  });

  it("hold the level of whatever comes of it", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1 << 17 }), fc.nat(16), (seed, begun) => {
        const choice = generatedChoice(seed, accessoryKinds, 1);
        const pieces = choice.wardrobe;
        const on = dress({ ...choice.base, accessories: pieces.slice(0, begun) });
        const open = pieces.slice(begun).map((piece) => {
          const alone = dress({ ...choice.base, accessories: [piece] });
          return alone.worn.filter((item) => item.piece === piece);
        });
        const at = dress({ ...choice.base, accessories: [] }).placing;
        if (!at?.span) return;
        const range = levelRanges(on.worn, on.placing, openPulls(open, at.base))(null);
        const chosen = pieces.filter((_, i) => i < begun || (seed >> i) % 2 === 0);
        const whole = dress({ ...choice.base, accessories: chosen }).level ?? NaN;
        expect(whole).toBeGreaterThanOrEqual(range?.low ?? NaN);
        expect(whole).toBeLessThanOrEqual(range?.high ?? NaN);
      }),
      { numRuns: 600 },
    );
  });
});
