import { describe, expect, it } from "vitest";
import { dress } from "../dressing/dress";
import { swap } from "../piece/look";
import { slotOf } from "../piece/piece";
import { registry } from "../rules/registry";
import { lookWith } from "../search/best/options";
import { accessoryKinds, generatedChoice } from "../testing/generated-choice";
import { neighbours } from "../testing/neighbours";
import { read } from "./read";
import { readLook, readMany } from "./read-many";

describe("a look that is read beside another", () => {
  it("reads to the byte as it does alone, whatever the change", () => {
    for (let seed = 0; seed < 60; seed += 1) {
      const [look, other] = neighbours(seed);
      const before = readLook(look);
      const [beside] = readMany(
        [other],
        (each) => each,
        () => before,
      );
      expect(JSON.stringify(beside?.reading)).toBe(JSON.stringify(read(other)));
    }
  });

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
    const { ruleBook } = base.client;
    const swapped = [before.dressed, dress(swap(look, "earrings", other))].flatMap(({ worn }) =>
      worn.filter(({ slot }) => slot === "earrings"),
    );
    const readsNone = registry.filter(({ reads }) => reads !== "everything" && !reads.includes("earrings"));
    const concernsNone = registry.filter(
      ({ concerns }) => concerns && !swapped.some((item) => concerns(item, ruleBook)),
    );
    expect(notAsked).toHaveLength(new Set([...readsNone, ...concernsNone]).size);
    expect(readsNone.length).toBeGreaterThan(40);
    expect(concernsNone.length).toBeGreaterThan(3);
  });
});

describe("many looks", () => {
  it("read each as it does alone, in their order and with what they were made of", () => {
    const seeds = Array.from({ length: 70 }, (_, i) => 300 + i);
    const lookOf = (seed: number) => neighbours(seed)[1];
    const read70 = [...readMany(seeds, lookOf)];
    expect(read70.map(({ of }) => of)).toEqual(seeds);
    for (const { of, look, reading } of read70) {
      expect(JSON.stringify(look)).toBe(JSON.stringify(lookOf(of)));
      expect(JSON.stringify(reading)).toBe(JSON.stringify(read(look)));
    }
    expect([...readMany([], lookOf)]).toEqual([]);
  });
});
