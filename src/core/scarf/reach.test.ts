import { readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { reachOf, knots, type Knot } from "./reach";

const cases = JSON.parse(readFileSync("tests/cases/ties.json", "utf8")) as {
  readonly knots: Readonly<Record<Knot, { readonly turns: number; readonly leastTail: number }>>;
};

describe("whether a scarf reaches", () => {
  it("takes every knot as the trade does", () => {
    for (const [knot, { turns, leastTail }] of Object.entries(cases.knots))
      expect(knots[knot as Knot]).toMatchObject({ turns, leastTail });
  });

  const band = fc.record({
    a: fc.double({ min: 40, max: 200, noNaN: true }),
    b: fc.double({ min: 20, max: 140, noNaN: true }),
    fold: fc.constantFrom("bias" as const, "straight" as const),
    width: fc.double({ min: 3, max: 12, noNaN: true }),
    thickness: fc.double({ min: 0.05, max: 3, noNaN: true }),
  });
  const tie = fc.record({
    neck: fc.double({ min: 28, max: 52, noNaN: true }),
    ease: fc.double({ min: 4, max: 8, noNaN: true }),
    wraps: fc.constantFrom(1, 2),
    knot: fc.constantFrom(...(Object.keys(knots) as Knot[])),
  });

  it("never with tails under the least, and with a longer scarf never less", () => {
    fc.assert(
      fc.property(band, tie, (scarf, asked) => {
        const found = reachOf(scarf, asked);
        if (!found.possible) {
          expect(found.short).toBeGreaterThan(0);
          // Longer by just what is short, a straight band reaches with its least tails and nothing over.
          const longer = reachOf({ ...scarf, a: scarf.a + found.short + 1e-6 }, asked);
          if (scarf.fold === "straight") expect(longer).toMatchObject({ possible: true });
          return;
        }
        expect(found.tail).toBeGreaterThanOrEqual(knots[asked.knot].leastTail);
        const looser = reachOf(scarf, { ...asked, neck: asked.neck + 1 });
        if (looser.possible) expect(looser.tail).toBeLessThan(found.tail);
      }),
      { numRuns: 400, seed: 3 },
    );
  });
});
