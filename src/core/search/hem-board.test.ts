import { describe, expect, it } from "vitest";
import type { Piece } from "../piece/piece";
import { hemFindings, hemPair, weighHem } from "../reading/hems";
import { dress } from "../dressing/dress";
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

  it("leaves the leg as it is cut where that does not jar", () => {
    for (const [i, { turn }] of row.entries()) {
      const shoe = shoes[i];
      if (!shoe) throw new Error("a cell without its shoe");
      const { against } = weighHem(hemFindings(hemPair(sampleClient, trousers, shoe)));
      if (against.length === 0) expect(turn).toBeNull();
    }
    const low = sample("shoe", { name: "low", figures: { lift: 2 } });
    const [cell] = hemRow(sampleClient, trousers, [low]);
    const { hem, body } = dress(hemPair(sampleClient, trousers, low));
    expect(cell).toMatchObject({ shaft: null, lift: 2, turn: null, hem });
    expect(cell?.gap).toBeCloseTo((hem ?? 0) - body.measures.ankleBone.cm, 6);
  });

  it("is there for whatever has a hem", () => {
    const kinds = ["trousers", "jumpsuit", "skirt", "dress", "top", "coat", "shoe", "scarf"] as const;
    expect(kinds.filter((kind) => hasHem(sample(kind) as Piece))).toEqual([
      "trousers",
      "jumpsuit",
      "skirt",
      "dress",
    ]);
  });

  it("judges skirts and dresses as they are", () => {
    const [cell] = hemRow(sampleClient, sample("skirt", { figures: { length: 73 } }), [
      sample("shoe", { figures: { form: "boot", shaft: 38, shaftTop: 40 } }),
    ]);
    expect(cell).toMatchObject({ verdict: "sings", turn: null });
    expect(hasHem(sample("top"))).toBe(false);
  });
});
