import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { adjust, optionsAmong } from "../piece/adjustment";
import { adjustmentKinds } from "../piece/adjustments";
import { swap, takeOff, wear, type Look } from "../piece/look";
import { slotOf } from "../piece/piece";
import { registry } from "../rules/registry";
import { lookWith } from "../search/best/options";
import { accessoryKinds, generatedChoice, wornInWays } from "../testing/generated-choice";
import { numbersFrom } from "../testing/generated";
import { sampleOccasion } from "../testing/sample";
import { read } from "./read";
import { readLook, readMany } from "./read-many";

/** A made-up look, and one that differs from it in a piece, in a way of wearing, or, now and then, in more. */
function neighbours(seed: number): readonly [Look, Look] {
  const { base, wardrobe } = wornInWays(generatedChoice(seed, accessoryKinds, 2), seed);
  const next = numbersFrom(seed);
  const one = <T>(list: readonly T[]): T => list[Math.floor(next() * list.length)] as T;
  const first = wardrobe.filter((_, i) => i % 2 === 0 && next() < 0.6);
  const look = lookWith(base, first);
  const other = one(wardrobe);
  const slot = slotOf(other);
  const changes: readonly (() => Look)[] = [
    () => (slot ? swap(look, slot, other) : look),
    () => wear(look, other),
    () => takeOff(look, one(wardrobe).id),
    () => worn(look, one(adjustmentKinds), next),
    () => ({ ...look, occasion: sampleOccasion }),
    () => ({ ...look, accessories: [...look.accessories].reverse() }),
    () => ({ ...look, garments: look.garments.slice(0, -1) }),
  ];
  return [look, one(changes)()];
}

/** The look with one of its pieces worn in some way. */
function worn(look: Look, kind: (typeof adjustmentKinds)[number], next: () => number): Look {
  const pieces = [...look.garments, ...look.accessories];
  const ways = pieces.flatMap((piece) => optionsAmong(kind, piece, pieces));
  const way = ways[Math.floor(next() * ways.length)];
  return way ? { ...look, adjustments: adjust(look.adjustments, way) } : look;
}

describe("a look that is read beside another", () => {
  it("reads to the byte as it does alone, over 2,000 generated changes", () => {
    let differed = 0;
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1_000_000 }), (seed) => {
        const [look, other] = neighbours(seed);
        const alone = JSON.stringify(read(other));
        const [beside] = readMany(
          [other],
          (each) => each,
          () => readLook(look),
        );
        expect(JSON.stringify(beside?.reading)).toBe(alone);
        if (alone !== JSON.stringify(read(look))) differed += 1;
      }),
      { numRuns: 2000 },
    );
    // Of looks that read the same nothing would be learned.
    expect(differed).toBeGreaterThan(1000);
  }, 120_000);

  it("is asked about only by the rules that read what differs", () => {
    const { base, wardrobe } = generatedChoice(4, accessoryKinds, 2);
    const look = lookWith(
      base,
      wardrobe.filter((_, i) => i % 2 === 0),
    );
    const before = readLook(look);
    const [finding] = before.reading.findings;
    const other = wardrobe.find((piece) => slotOf(piece) === "earrings" && !look.accessories.includes(piece));
    if (!finding || !other) throw new Error("the choice has changed");
    const notAskedAgain = { ...finding, rule: "not asked again" };
    const [beside] = readMany(
      [swap(look, "earrings", other)],
      (each) => each,
      () => ({ ...before, said: registry.map(() => [notAskedAgain]) }),
    );
    const notAsked = beside?.reading.findings.filter((each) => each === notAskedAgain);
    const indifferent = registry.filter(
      ({ reads }) => reads !== "everything" && !reads.includes("earrings"),
    ).length;
    expect(notAsked).toHaveLength(indifferent);
    expect(indifferent).toBeGreaterThan(40);
  });
});

describe("many looks", () => {
  it("read each as it does alone, in their order and with what they were made of", () => {
    const seeds = Array.from({ length: 70 }, (_, i) => 300 + i);
    const lookOf = (seed: number) => neighbours(seed)[1];
    const read70 = readMany(seeds, lookOf);
    expect(read70.map(({ of }) => of)).toEqual(seeds);
    for (const { of, look, reading } of read70) {
      expect(JSON.stringify(look)).toBe(JSON.stringify(lookOf(of)));
      expect(JSON.stringify(reading)).toBe(JSON.stringify(read(look)));
    }
    expect(readMany([], lookOf)).toEqual([]);
  });
});
