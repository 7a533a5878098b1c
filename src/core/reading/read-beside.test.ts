import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { neighbours } from "../testing/neighbours";
import { read } from "./read";
import { readLook, readMany } from "./read-many";

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
});
