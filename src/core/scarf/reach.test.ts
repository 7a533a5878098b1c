import { readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { reachOf, knots, type Knot, type Reaches, type ScarfBand, type TieAsked } from "./reach";

interface TieCase {
  readonly scarf: ScarfBand;
  readonly tie: TieAsked;
  readonly expect: Reaches;
}

const cases = JSON.parse(readFileSync("tests/cases/ties.json", "utf8")) as {
  readonly knots: Readonly<Record<Knot, { readonly turns: number; readonly leastTail: number }>>;
  readonly cases: readonly TieCase[];
};

describe("whether a scarf reaches", () => {
  it("takes every knot as the trade does", () => {
    for (const [knot, { turns, leastTail }] of Object.entries(cases.knots))
      expect(knots[knot as Knot]).toMatchObject({ turns, leastTail });
  });

  it.each(cases.cases.map((each, i) => [i + 1, each] as const))(
    "case %i",
    (_, { scarf, tie, expect: wanted }) => {
      const found = reachOf(scarf, tie);
      expect(found.possible).toBe(wanted.possible);
      const figures = found as unknown as Readonly<Record<string, number>>;
      for (const [figure, value] of Object.entries(wanted))
        if (typeof value === "number")
          expect(Math.abs((figures[figure] ?? NaN) - value), figure).toBeLessThan(0.05);
    },
  );

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
