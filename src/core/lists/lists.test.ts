import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { putInOrder } from "./put-in-order";
import { addAll } from "./add-all";
import { isSameList } from "./same-list";

describe("a short list in order", () => {
  it("is as Array.sort would have it, equals as they stood", () => {
    const items = fc.array(fc.record({ rank: fc.integer({ min: 0, max: 4 }), name: fc.integer() }));
    fc.assert(
      fc.property(items, (list) => {
        const byRank = (one: { rank: number }, other: { rank: number }) => one.rank - other.rank;
        expect(putInOrder([...list], byRank)).toEqual([...list].sort(byRank));
      }),
    );
  });

  it("is the list itself", () => {
    const list = [3, 1, 2];
    expect(putInOrder(list, (one, other) => one - other)).toBe(list);
    expect(list).toEqual([1, 2, 3]);
  });
});

describe("the same list", () => {
  it("holds the same things in the same order", () => {
    const [one, other] = [{ a: 1 }, { a: 1 }];
    expect(isSameList([one, other], [one, other])).toBe(true);
    expect(isSameList([one, other], [other, one])).toBe(false);
    expect(isSameList([one], [one, other])).toBe(false);
    expect(isSameList([], [])).toBe(true);
  });
});

describe("all of one list", () => {
  it("is added to another, in its order", () => {
    const list = [1];
    addAll(list, []);
    addAll(list, [3, 2]);
    expect(list).toEqual([1, 3, 2]);
  });
});
