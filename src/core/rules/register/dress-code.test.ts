import { describe, expect, it } from "vitest";
import type { Adjustment } from "../../piece/adjustment";
import type { Piece } from "../../piece/piece";
import { remediesOf } from "../../reading/remedies";
import { read } from "../../reading/read";
import { findingsOf } from "../../testing/findings";
import { sample, sampleLook, sampleOccasion } from "../../testing/sample";
import { tied } from "../../testing/rule-cases/made";
import { occasion } from "./occasion";

const dress = sample("dress", { name: "dress", figures: { sleeve: "none", length: 105 } });
const shoe = sample("shoe", { name: "shoes" });
const stole = sample("scarf", { name: "stole", figures: { sideA: 190, sideB: 70, worn: "draped" } });
const square = sample("scarf", {
  name: "scarf",
  figures: { sideA: 130, sideB: 130, thickness: 0.1, stiffness: 0.3 },
});
const jacket = (form: "jacket" | "waistcoat") => sample("jacket", { name: "jacket", figures: { form } });
const inChurch = { ...sampleOccasion, flags: ["covered shoulders"] as const };

const lookOf = (
  accessories: readonly Piece[],
  garments: readonly Piece[],
  adjustments: readonly Adjustment[],
) =>
  sampleLook({
    garments: [dress, ...garments],
    accessories: [shoe, ...accessories],
    adjustments,
    occasion: inChurch,
  });

/** Whether the shoulders are found bare. */
function areBare(
  accessories: readonly Piece[],
  garments: readonly Piece[] = [],
  adjustments: readonly Adjustment[] = [],
): boolean {
  const found = findingsOf(occasion, lookOf(accessories, garments, adjustments));
  return found.some(({ message }) => message === "covered shoulders");
}

describe("shoulders that are to be covered", () => {
  it("are covered by what has sleeves over a dress without, and by no waistcoat", () => {
    expect(areBare([])).toBe(true);
    expect(areBare([], [jacket("jacket")])).toBe(false);
    expect(areBare([], [jacket("waistcoat")])).toBe(true);
  });

  it("are covered by a stole, and by no scarf at the neck or a narrow one", () => {
    expect(areBare([stole])).toBe(false);
    const worn = (given: Partial<typeof stole.figures>) => ({
      ...stole,
      figures: { ...stole.figures, ...given },
    });
    expect(areBare([worn({ worn: "tied at the front" })])).toBe(true);
    expect(areBare([worn({ sideB: 40 })])).toBe(true);
    expect(areBare([worn({ sideA: 110 })])).toBe(true);
    expect(areBare([worn({ sideA: 120, sideB: 45 })])).toBe(false);
  });

  it("are covered by a cloth that is tied over them, and by none in the hair or on the bag", () => {
    const bag = sample("bag", { name: "bag" });
    const drape = tied("shoulder drape", { fold: "triangle" }).adjustments;
    expect(areBare([square], [], drape)).toBe(false);
    for (const tie of ["bow on the bag", "front point", "wrist wrap"] as const)
      expect(areBare([square, bag], [], tied(tie, { fold: "bias band" }).adjustments)).toBe(true);
  });

  it("are mended by a stole where one is at hand, and not by a scarf", () => {
    const bare = lookOf([], [], []);
    const reading = read(bare);
    const { mended } = remediesOf(bare, reading, [stole, square]);
    const ofShoulders = mended.filter(
      ({ finding }) => reading.findings[finding]?.message === "covered shoulders",
    );
    const changes = ofShoulders.flatMap(({ remedies }) =>
      remedies.map(({ change }) => JSON.stringify(change)),
    );
    expect(changes).toHaveLength(1);
    expect(changes[0]).toContain("stole");
  });
});
