import { describe, expect, it } from "vitest";
import { hemFindings, hemPair, weighHem } from "../reading/hems";
import { apply, wornSo } from "../reading/change";
import { sample, sampleClient } from "../testing/sample";
import { hasHem, hemRow } from "./hem-board";

const shoes = [6, 9, 12, 18].map((shaft) =>
  sample("shoe", {
    name: `boot ${shaft}`,
    figures: { form: "boot", lift: 4, shaft, shaftTop: shaft === 12 ? 31 : 26, toe: "almond" },
  }),
);
const trousers = sample("trousers", {
  name: "trousers",
  figures: { inseam: 73.5, opening: 35, above: 36.5 },
});

describe("a row of the hem board", () => {
  const row = hemRow(sampleClient, trousers, shoes);

  it("has a cell for every pair of shoes, read with the turn-up it names", () => {
    expect(row.map(({ shoe }) => shoe)).toEqual(shoes.map(({ id }) => id));
    row.forEach((cell, i) => {
      const shoe = shoes[i];
      if (!shoe) throw new Error("a cell without its shoe");
      const pair = hemPair(sampleClient, trousers, shoe);
      const { points, against } = weighHem(hemFindings(cell.turn ? apply(pair, wornSo(cell.turn)) : pair));
      expect(cell.points).toBe(points);
      expect(cell.verdict === "jars").toBe(against.length > 0);
      expect(cell.gap).toBeCloseTo(cell.hem - (cell.shaft ?? 0), 6);
    });
  });

  it("turns up only where the cut leg jars, and finds a pair that sings", () => {
    expect(row.some(({ turn }) => turn !== null)).toBe(true);
    expect(row.some(({ verdict }) => verdict === "sings")).toBe(true);
  });

  it("judges skirts and dresses as they are", () => {
    const [cell] = hemRow(sampleClient, sample("skirt", { figures: { length: 73 } }), [
      sample("shoe", { figures: { form: "boot", shaft: 38, shaftTop: 40 } }),
    ]);
    expect(cell).toMatchObject({ verdict: "sings", turn: null });
    expect(hasHem(sample("top"))).toBe(false);
  });
});
