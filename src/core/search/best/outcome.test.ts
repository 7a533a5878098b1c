import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { read } from "../../reading/read";
import { lenses } from "../../rules/finding";
import { doomed, hopeFor, noHope } from "../../rules/outlook";
import { ruleOf } from "../../rules/registry";
import { accessoryKinds, generatedChoice } from "../../testing/generated-choice";
import { bestOf, hopedOf, isSilence, outcomeOf, pointsOf, silence, type Outcome } from "./outcome";

const outcome = (faults: number, ...praise: number[]): Outcome => ({ faults, praise });

describe("what a rule makes of a look", () => {
  it.each([0, 10, 20, 30, 40, 50])(
    "is what is against it and each praise, and adds up to the reading, %i on",
    (from) => {
      for (let seed = from; seed < from + 10; seed += 1) {
        const { base, wardrobe } = generatedChoice(seed, accessoryKinds, 1);
        const { findings, points } = read({ ...base, accessories: wardrobe });
        const rules = [...new Set(findings.map(({ rule }) => rule))].flatMap((id) => ruleOf(id) ?? []);
        const outcomes = rules.map(({ id }) => outcomeOf(findings.filter(({ rule }) => rule === id)));
        expect(pointsOf(rules)((at) => outcomes[at] ?? silence)).toBeCloseTo(points, 5);
        for (const { faults, praise } of outcomes) {
          expect(faults).toBeLessThanOrEqual(0);
          expect(praise).toEqual([...praise].sort((one, other) => other - one));
          expect(praise.every((value) => value > 0)).toBe(true);
        }
      }
    },
  );

  it("is silence without a finding", () => {
    expect(outcomeOf([])).toBe(silence);
    expect(isSilence(silence)).toBe(true);
    expect(isSilence(outcome(-1))).toBe(false);
    expect(isSilence(outcome(0, 1))).toBe(false);
  });

  it("is hoped for at the weight of its rule", () => {
    expect(hopedOf(hopeFor("lifts", "sings"), 0.5)).toEqual(outcome(0, 1, 0.5));
    expect(hopedOf(doomed("jars", "rubs"), 2)).toEqual(outcome(-8));
    expect(hopedOf(noHope, 1)).toBe(silence);
    expect(hopedOf(doomed("jars"), 0)).toBe(silence);
  });
});

describe("the best of some outcomes", () => {
  it("has the least against it and of each rank of praise the most", () => {
    expect(bestOf([outcome(-3, 2), outcome(-1), outcome(-2, 1, 1)])).toEqual(outcome(-1, 2, 1));
    expect(bestOf([outcome(-3), outcome(-1)])).toEqual(outcome(-1));
    expect(bestOf([])).toBe(silence);
  });

  it("gives no fewer points than any of them", () => {
    const some = fc.record({
      faults: fc.constantFrom(0, -1, -3),
      praise: fc
        .array(fc.constantFrom(2, 1, 0.5), { maxLength: 4 })
        .map((values) => values.sort((one, other) => other - one)),
    });
    fc.assert(
      fc.property(
        fc.array(some, { minLength: 1, maxLength: 4 }),
        fc.array(some, { maxLength: 5 }),
        (of, others) => {
          const rules = [...others, silence].map((_, i) => ({ lens: lenses[i % 2] ?? "colour" }));
          const points = (last: Outcome) => pointsOf(rules)((at) => others[at] ?? last);
          for (const each of of) expect(points(bestOf(of))).toBeGreaterThanOrEqual(points(each) - 1e-9);
        },
      ),
    );
  });
});
