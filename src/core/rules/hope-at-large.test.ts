import { describe, expect, it } from "vitest";
import { hopedOf, outcomeOf } from "../search/best/outcome";
import { begunAtLarge } from "../testing/choices-at-large";
import { isTooLittle } from "../testing/hoped-of-cases";
import { registry } from "./registry";

const wide = registry.filter(({ reads }) => reads === "everything");

/** The rules that make more of a whole look than they hoped while it was chosen. */
function hopedTooLittle(seed: number): string[] {
  return [...begunAtLarge(seed)].flatMap(({ outlook, whole }) => {
    const book = whole.look.client.ruleBook;
    return wide.flatMap((rule) => {
      const hoped = hopedOf(rule.hope(outlook), rule.settings(book).weight);
      return isTooLittle({ hoped, made: outcomeOf(rule.read(whole)) }) ? [rule.id] : [];
    });
  });
}

describe("what is hoped of looks at large", () => {
  it("is no less than what comes of them: what is called proved rests on it", () => {
    const seeds = Array.from({ length: 250 }, (_, seed) => seed);
    expect(seeds.flatMap((seed) => hopedTooLittle(seed).map((id) => `${seed} ${id}`))).toEqual([]);
  }, 60_000);

  it.each([
    [865, "tights under trousers, which keep warm"],
    [1507, "a neutral that stands out no more"],
    [4804, "the same without shoes"],
    [10537, "a shoe under cloth that lies on the floor"],
  ])("of choice %i, where it once was less (%s)", (seed) => {
    expect(hopedTooLittle(seed)).toEqual([]);
  });
});
