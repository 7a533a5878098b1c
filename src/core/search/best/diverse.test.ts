import { describe, expect, it } from "vitest";
import { diverse, placesApart } from "./diverse";

const choice = (...options: number[]) => ({ options, worth: 0 });

describe("choices that differ", () => {
  it("are counted place by place", () => {
    expect(placesApart(choice(1, 2, 3), choice(1, 2, 3))).toBe(0);
    expect(placesApart(choice(1, 2, 3), choice(1, 5, 6))).toBe(2);
  });

  it("are taken best first, each far enough from all that were taken before, and no more than asked", () => {
    const all = [
      choice(1, 1, 1),
      choice(1, 1, 2),
      choice(1, 2, 2),
      choice(2, 2, 2),
      choice(3, 3, 1),
      choice(4, 4, 4),
    ];
    expect(diverse(all, 10, 2).map(({ options }) => options.join(""))).toEqual(["111", "122", "331", "444"]);
    expect(diverse(all, 2, 2).map(({ options }) => options.join(""))).toEqual(["111", "122"]);
    expect(diverse(all, 10, 3).map(({ options }) => options.join(""))).toEqual(["111", "222", "444"]);
    expect(diverse(all, 10, 0)).toHaveLength(6);
  });
});
