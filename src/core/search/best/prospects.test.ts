import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { read as readingOf } from "../../reading/read";
import { registry } from "../../rules/registry";
import { placedChoice } from "../../testing/begun-choices";
import { sampleLook } from "../../testing/sample";
import { lookWith, type Place } from "./options";
import { prospectsOf } from "./prospects";

/** So many parts of five choices each. */
const parts = Array.from({ length: 50 }, (_, part) => part);

const wide = registry.filter(({ reads }) => reads === "everything");

describe("what a choice that is begun can come to", () => {
  it.each(parts)(
    "is no less than what any look that comes of it reads, rule by rule and in all, %i",
    (part) => {
      const praised = new Set<number>();
      fc.assert(
        fc.property(
          fc.integer({ min: 0, max: 100_000 }),
          fc.array(fc.nat(), { minLength: 17, maxLength: 17 }),
          fc.boolean(),
          (seed, numbers, dressed) => {
            const { base, places } = placedChoice(seed, 2);
            const prospects = prospectsOf(dressed ? base : { ...base, garments: [] }, places);
            const chosen = prospects.places.map(({ options }, i) => (numbers[i] ?? 0) % options.length);
            const begunAfter = chosen.map((_, begun) => chosen.slice(0, begun));
            const [whole, ...read] = prospects.read([chosen, ...begunAfter]);
            if (!whole) throw new Error("a whole choice was not read");
            const look = lookWith(
              dressed ? base : { ...base, garments: [] },
              chosen.map((option, i) => prospects.places[i]?.options[option] ?? null),
            );
            expect(whole.points).toBeCloseTo(readingOf(look).points, 5);
            expect(read).toHaveLength(chosen.length);
            for (const [begun, prospect] of read.entries()) {
              whole.wide.forEach((outcome, i) => {
                const hoped = prospect.wide[i];
                const id = `${wide[i]?.id} after ${begun} of ${chosen.length}`;
                expect(outcome.faults, id).toBeLessThanOrEqual((hoped?.faults ?? 0) + 1e-9);
                outcome.praise.forEach((value, rank) => {
                  praised.add(i);
                  expect(value, id).toBeLessThanOrEqual(hoped?.praise[rank] ?? 0);
                });
              });
              expect(prospect.points).toBeGreaterThanOrEqual(whole.points - 1e-9);
            }
          },
        ),
        { numRuns: 5, seed: part },
      );
      expect(praised.size).toBeGreaterThan(1);
    },
  );

  it("is chosen where most may be chosen first, shoes before the hosiery that they may hide", () => {
    const place = (slot: Place["slot"], many: number): Place => ({
      slot,
      options: Array.from({ length: many }, () => null),
    });
    const orderOf = (...places: readonly Place[]) =>
      prospectsOf(sampleLook({}), places).places.map(({ slot }) => slot);
    expect(orderOf(place("bag", 2), place("belt", 4), place("shoe", 3))).toEqual(["belt", "shoe", "bag"]);
    expect(orderOf(place("bag", 3), place("hosiery", 5), place("belt", 4), place("shoe", 2))).toEqual([
      "shoe",
      "hosiery",
      "belt",
      "bag",
    ]);
    expect(orderOf(place("hosiery", 2), place("bag", 3), place("shoe", 4))).toEqual([
      "shoe",
      "bag",
      "hosiery",
    ]);
    expect(orderOf(place("bag", 2), place("hosiery", 3))).toEqual(["hosiery", "bag"]);
  });
});
