import { describe, expect, it } from "vitest";
import type { Piece } from "../piece/piece";
import { sample, sampleLook } from "../testing/sample";
import { dress } from "./dress";
import type { Worn } from "./dressed";
import { isLevelled, placingOf, pullsOf, reachOf } from "./level";

const at = (centre: number, reach = 2) => ({ low: centre - reach, centre, high: centre + reach });
const garment = (centre: number, more: object = {}) => sample("dress", { register: at(centre), ...more });

/** A piece as it is worn alone, taking so much of what is seen. */
function worn(piece: Piece, area: number): Worn {
  const look = { ...sampleLook({}), [piece.kind === "dress" ? "garments" : "accessories"]: [piece] };
  const item = dress(look).worn.find((each) => each.piece === piece);
  if (!item) throw new Error("not worn");
  return { ...item, area };
}

const levelOf = (all: readonly Worn[]) => placingOf(all)?.level ?? null;

describe("the level of garments", () => {
  it("is the mean of their centres by what is seen of them", () => {
    const placing = placingOf([worn(garment(3), 0.6), worn(garment(7), 0.2)]);
    expect(placing).toMatchObject({ level: 4, base: 4 });
    // Spans reach two steps each way, plain cloth of one colour a step further: 0 is no level, and 1 the lowest.
    expect(placing?.span?.low).toBeCloseTo((0.6 * 1 + 0.2 * 4) / 0.8, 9);
    expect(placing?.span?.high).toBeCloseTo((0.6 * 6 + 0.2 * 9) / 0.8, 9);
  });

  it("leaves out what is covered, and what nobody has said the level of", () => {
    const unsaid = { ...garment(9), register: null };
    expect(levelOf([worn(garment(3), 0.6), worn(garment(7), 0), worn(unsaid, 0.3)])).toBe(3);
    expect(levelOf([worn(unsaid, 1)])).toBeNull();
    expect(levelOf([])).toBeNull();
    expect(isLevelled(worn(unsaid, 1))).toBe(false);
    expect(isLevelled(worn(garment(3), 1))).toBe(true);
    expect(isLevelled({ ...worn(garment(3), 1), centre: null })).toBe(false);
  });

  it.each([
    ["plain cloth that says nothing", {}, 1],
    ["a print", { pattern: "dot" }, 0],
    ["what speaks", { statement: 1 }, 0],
    ["two colours", { colours: 2 }, 0],
  ] as const)("%s reaches %d step further", (_, more, further) => {
    const { colours, ...given } = { colours: 1, ...more };
    const swatches = [
      { hex: "#1d2742", share: 0.6, role: "ground" },
      { hex: "#efe6cf", share: 0.4, role: "motif" },
    ];
    const piece = garment(5, { ...given, ...(colours === 2 ? { swatches } : {}) });
    const item = worn(piece, 1);
    if (!isLevelled(item)) throw new Error("its level was said");
    expect(reachOf(item)).toEqual({ low: 3 - further, high: 7 + further });
  });

  it("never reaches beyond the ladder", () => {
    const [low, high] = [worn(garment(2), 1), worn(garment(8), 1)];
    if (!isLevelled(low) || !isLevelled(high)) throw new Error("their level was said");
    expect(reachOf(low).low).toBe(1);
    expect(reachOf(high).high).toBe(9);
  });
});

describe("accessories", () => {
  const base = worn(garment(5, { pattern: "dot" }), 0.8);
  const shoe = (centre: number) =>
    worn(sample("shoe", { name: `shoe ${centre}`, register: at(centre) }), 0.1);
  const bag = (centre: number) => worn(sample("bag", { name: `bag ${centre}`, register: at(centre) }), 0.1);
  const jewel = (name: string, centre: number, statement: 0 | 1 | 2 | 3 = 0) =>
    worn(sample("earrings", { id: name, name, register: at(centre), statement }), 0.01);

  it("take the base as far as they weigh", () => {
    expect(levelOf([base, shoe(7)])).toBeCloseTo(5 + 0.4 * 2, 9);
    expect(levelOf([base, shoe(7), bag(4)])).toBeCloseTo(5 + 0.4 * 2 - 0.2, 9);
    expect(levelOf([base, jewel("lead", 7, 2)])).toBeCloseTo(5 + 0.2 * 2, 9);
    expect(levelOf([base, jewel("quiet", 7, 1)])).toBeCloseTo(5 + 0.08 * 2, 9);
    // A watch is no jewel, however it speaks.
    const watch = sample("watch", { register: at(7), statement: 3 });
    expect(levelOf([base, worn(watch, 0.01)])).toBeCloseTo(5 + 0.08 * 2, 9);
  });

  it("weigh no more than the base together, and never take it out of its span", () => {
    const many = [shoe(7), shoe(7), shoe(7), bag(7)];
    expect(levelOf([base, ...many])).toBeCloseTo(7, 9);
    expect(levelOf([base, shoe(9), shoe(9), shoe(9)])).toBe(7);
    expect(levelOf([base, shoe(1), shoe(1), shoe(1)])).toBe(3);
  });

  it("of no statement are heard only where they lie farthest", () => {
    const four = [jewel("a", 6), jewel("b", 8), jewel("c", 9), jewel("d", 3)];
    const expected = 5 + 0.08 * (3 + 4 - 2);
    expect(levelOf([base, ...four])).toBeCloseTo(expected, 9);
    expect(levelOf([base, ...[...four].reverse()])).toBeCloseTo(expected, 9);
  });

  it("as far off as one another are heard by their names, in whatever order they were put on", () => {
    const four = [jewel("d", 7), jewel("a", 3), jewel("c", 7), jewel("b", 3)];
    const heard = 5 + 0.08 * (-2 - 2 + 2);
    for (const order of [four, [...four].reverse()]) expect(levelOf([base, ...order])).toBeCloseTo(heard, 9);
  });

  it("that nobody sees move nothing", () => {
    expect(levelOf([base, { ...shoe(7), seen: [] }])).toBe(5);
  });

  it("without a garment stand where they stand themselves, by their weights", () => {
    const placing = placingOf([shoe(7), bag(4), jewel("a", 3)]);
    const mean = (0.4 * 7 + 0.2 * 4 + 0.08 * 3) / 0.68;
    expect(placing?.level).toBeCloseTo(mean, 8);
    expect(placing).toMatchObject({ level: placing?.base, span: null });
    expect(placingOf([worn(sample("eyewear", { register: at(7) }), 0.1)])).toBeNull();
  });

  it("are told by how far each takes the look, the strongest first, and of equals by their ids", () => {
    const items = [base, bag(4), shoe(7), jewel("b", 7), jewel("a", 3)];
    const placing = placingOf(items);
    if (!placing) throw new Error("a level was said");
    const pulls = pullsOf(items, placing);
    expect(pulls.map(({ item }) => item.piece.name)).toEqual(["shoe 7", "bag 4", "a", "b"]);
    expect(pulls.map(({ away }) => away)).toEqual([2, -1, -2, 2]);
    [0.8, -0.2, -0.16, 0.16].forEach((steps, i) => expect(pulls[i]?.steps).toBeCloseTo(steps, 9));
    expect(pulls.reduce((sum, { steps }) => sum + steps, placing.base)).toBeCloseTo(placing.level, 9);
  });

  it("that weigh more than the base together have each their part of it", () => {
    const items = [base, shoe(7), shoe(7), shoe(6)];
    const placing = placingOf(items);
    if (!placing) throw new Error("a level was said");
    const pulls = pullsOf([...items, { ...bag(9), seen: [] }], placing);
    expect(pulls).toHaveLength(3);
    [0.8, 0.8, 0.4].forEach((steps, i) => expect(pulls[i]?.steps).toBeCloseTo(steps / 1.2, 9));
  });
});
