import { describe, expect, it } from "vitest";
import type { Effect } from "../rules/finding";
import { madeFinding } from "../testing/made-finding";
import { bySeverity, isFault, valueOf } from "./severity";

const of = (effect: Effect) => madeFinding({ effect });

describe("how grave a finding is", () => {
  it("puts what wants attention first, and what is merely pleasant last", () => {
    const effects: readonly Effect[] = ["lifts", "note", "bar", "sings", "unread", "rubs", "jars"];
    expect(
      effects
        .map(of)
        .sort(bySeverity)
        .map(({ effect }) => effect),
    ).toEqual(["bar", "jars", "rubs", "unread", "note", "sings", "lifts"]);
  });

  it.each<[Effect, number, boolean]>([
    ["bar", -6, true],
    ["jars", -3, true],
    ["rubs", -1, true],
    ["note", 0, false],
    ["unread", 0, false],
    ["lifts", 1, false],
    ["sings", 2, false],
  ])("%s is worth %d before its weight, and asks for a change: %s", (effect, worth, isOne) => {
    expect(valueOf({ effect, weight: 1 })).toBe(worth);
    expect(valueOf({ effect, weight: 2.5 })).toBeCloseTo(worth * 2.5, 12);
    expect(isFault(of(effect))).toBe(isOne);
  });
});
