import { describe, expect, it } from "vitest";
import { optionsOf, type Adjustment } from "../piece/adjustment";
import { adjustmentKinds } from "../piece/adjustments";
import type { Look } from "../piece/look";
import { generatedWardrobe, numbersFrom } from "../testing/generated";
import { sample, sampleLook } from "../testing/sample";
import { apply } from "./change";
import { changesBetween } from "./changes-between";
import { read } from "./read";
import { saidOnlyOf } from "./said-apart";

const wardrobe = generatedWardrobe(["shoe", "bag", "belt", "earrings", "scarf", "necklace"], 3, 7);
const trousers = sample("trousers", { name: "legs" });

/** A look of one base with some of the wardrobe on, and some of it worn otherwise than it is made. */
function lookOf(seed: number): Look {
  const next = numbersFrom(seed);
  const worn = wardrobe.reduce(
    (look, piece) => (next() < 0.4 ? apply(look, { kind: "wear", piece }) : look),
    {
      ...sampleLook({ garments: [trousers], accessories: [] }),
    },
  );
  const ways = [...worn.garments, ...worn.accessories].flatMap((piece) =>
    adjustmentKinds.flatMap((kind) => {
      const options: readonly Adjustment[] = optionsOf(kind, piece);
      return next() < 0.3 ? (options[Math.floor(next() * options.length)] ?? []) : [];
    }),
  );
  return ways.reduce((look, adjustment) => apply(look, { kind: "adjust", adjustment }), worn);
}

const sorted = ({ accessories, adjustments }: Look) => ({
  on: accessories.map(({ id }) => id).sort(),
  ways: adjustments
    .filter(({ piece }) => piece === trousers.id || accessories.some(({ id }) => id === piece))
    .map((way) => JSON.stringify(way))
    .sort(),
});

describe("what differs between two looks of a base", () => {
  it("leads from the one to the other, for 300 generated pairs", () => {
    for (let seed = 0; seed < 300; seed += 1) {
      const [one, other] = [lookOf(seed), lookOf(seed + 5000)];
      const reached = changesBetween(one, other).reduce(apply, one);
      expect(sorted(reached), `pair ${seed}`).toEqual(sorted(other));
      expect(changesBetween(one, one)).toEqual([]);
    }
  });

  it("does not say apart what takes another's place", () => {
    const [flat, heel] = [sample("shoe", { name: "flat" }), sample("shoe", { name: "heel" })];
    const look = sampleLook({ garments: [trousers], accessories: [flat] });
    const [only, ...more] = changesBetween(look, { ...look, accessories: [heel] });
    expect(only).toEqual({ kind: "wear", piece: heel });
    expect(more).toEqual([]);
  });

  it("is said of the one look alone, and nothing of two that are the same", () => {
    for (let seed = 0; seed < 40; seed += 1) {
      const [one, other] = [read(lookOf(seed)), read(lookOf(seed + 5000))];
      expect(saidOnlyOf(one, one)).toEqual([]);
      const alone = saidOnlyOf(one, other);
      expect(alone.every((finding) => one.findings.includes(finding))).toBe(true);
      const shared = one.findings.filter(({ effect }) => effect !== "note").length - alone.length;
      expect(shared).toBe(
        other.findings.filter(({ effect }) => effect !== "note").length - saidOnlyOf(other, one).length,
      );
    }
  });
});
