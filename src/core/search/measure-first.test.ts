import { describe, expect, it } from "vitest";
import { completed, asSaid } from "../piece/as-said";
import { wear } from "../piece/look";
import { certaintyOf } from "../reading/open-questions";
import { sample, sampleLook } from "../testing/sample";
import { measureFirst } from "./measure-first";

/** A piece of which some measures came with its name. */
const assumed = (piece: Parameters<typeof asSaid>[0], names: readonly string[]) =>
  completed({ ...asSaid(piece), assumed: names });

const last = (bases: Parameters<typeof measureFirst>[0], pieces: Parameters<typeof measureFirst>[1]) =>
  [...measureFirst(bases, pieces)].at(-1);

describe("what to measure first", () => {
  const trousers = assumed(sample("trousers", { id: "trousers", figures: { inseam: 76 } }), ["inseam"]);
  const base = sampleLook({ garments: [sample("top"), trousers], accessories: [] });
  const shoes = [1, 3, 5, 7, 9].map((lift) => sample("shoe", { id: `shoe-${lift}`, figures: { lift } }));

  it("counts the outfits whose verdict the measure turns, and no more", () => {
    const found = last([base], shoes);
    expect(found?.read).toBe(1 + shoes.length);
    const inseam = found?.measures.find(({ pieceId }) => pieceId === "trousers");
    expect(inseam?.figure).toBe("inseam");
    const asked = [base, ...shoes.map((shoe) => wear(base, shoe))].filter((look) =>
      certaintyOf(look).open.some(({ piece, answer }) => piece.id === "trousers" && answer.of === "measure"),
    );
    expect(inseam?.decides).toBeGreaterThan(0);
    expect(inseam?.decides).toBe(asked.length);
  });

  it("has nothing to say of what is measured", () => {
    const measured = sampleLook({ garments: [sample("top"), sample("trousers")], accessories: [] });
    expect(last([measured], shoes)).toEqual({ measures: [], read: 0 });
  });

  it("puts that on which most hangs first", () => {
    const found = last(
      [base],
      [...shoes, assumed(sample("shoe", { id: "guess", figures: { lift: 5 } }), ["lift"])],
    );
    const counts = (found?.measures ?? []).map(({ decides }) => decides);
    expect(counts).toEqual(counts.toSorted((a, b) => b - a));
    expect(new Set(found?.measures.map(({ pieceId, figure }) => `${pieceId} ${figure}`)).size).toBe(
      counts.length,
    );
  });
});
