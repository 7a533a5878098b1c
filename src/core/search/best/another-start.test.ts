import { describe, expect, it } from "vitest";
import { sample } from "../../testing/sample";
import { anotherStart } from "./another-start";
import type { Option, Place } from "./options";

const slots = ["shoe", "bag", "belt", "earrings", "neck"] as const;
const places: readonly Place[] = slots.map((slot, at) => ({
  slot,
  options: [...Array.from({ length: 2 + at }, (_, i) => sample("bag", { name: `${slot} ${i}` })), null],
}));
const begin: readonly Option[] = places.map(({ options }) => options[0] ?? null);
const starts = () => Array.from({ length: 200 }, (_, number) => anotherStart(begin, places, number));

describe("another start", () => {
  it("is the same but for three places at the most, each with something that may be there", () => {
    for (const start of starts()) {
      expect(start).toHaveLength(begin.length);
      start.forEach((option, at) => expect(places[at]?.options).toContain(option));
      expect(start.filter((option, at) => option !== begin[at]).length).toBeLessThanOrEqual(3);
    }
    expect(begin).toEqual(places.map(({ options }) => options[0]));
  });

  it("chooses several places anew, as a rule three", () => {
    const changed = starts().map((start) => start.filter((option, at) => option !== begin[at]).length);
    expect(Math.max(...changed)).toBe(3);
    expect(changed.filter((many) => many > 1).length).toBeGreaterThan(changed.length / 2);
  });

  it("comes, by its number, to everything that may stand anywhere", () => {
    const all = starts();
    places.forEach(({ options }, at) => {
      for (const option of options) expect(all.map((start) => start[at])).toContain(option);
    });
    const unlike = new Set(all.map((start) => start.map((option) => option?.id ?? "-").join()));
    expect(unlike.size).toBeGreaterThan(60);
    expect(anotherStart(begin, places, 31)).toEqual(anotherStart(begin, places, 31));
  });
});
