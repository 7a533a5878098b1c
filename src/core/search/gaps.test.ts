import { describe, expect, it } from "vitest";
import { swap } from "../piece/look";
import { slotOf } from "../piece/piece";
import { read } from "../reading/read";
import { reachOf } from "./reach";
import { sample, sampleLook, sampleOccasion } from "../testing/sample";
import { gapSpecOf, gapSpecs, mainMetal } from "./gap-spec";
import { bestGaps, readGaps, servingOf, type Gap } from "./gaps";

const garments = [
  sample("trousers", { name: "trousers", hex: "#1d2742", figures: { inseam: 73.5 } }),
  sample("top", { name: "top", hex: "#cfe0ee", figures: { tucked: true } }),
];
const trainers = sample("shoe", {
  name: "trainers",
  register: { low: 1, centre: 2, high: 3 },
  figures: { form: "trainer" },
});
const look = sampleLook({
  garments,
  accessories: [trainers],
  occasion: { ...sampleOccasion, flags: ["no trainers"] },
});

describe("what is missing", () => {
  const specs = gapSpecs("silver");
  const [
    first = gapSpecOf({ form: "belt", colour: "tan", finish: "suede", level: 5, metal: "none", size: null }),
  ] = specs;

  it("is described by slot, colour, surface, level and metal, each once", () => {
    expect(new Set(specs.map(({ say }) => say)).size).toBe(specs.length);
    for (const { slot, piece } of specs) expect(slotOf(piece)).toBe(slot);
    expect(specs[0]?.piece.metal).toBe("silver");
  });

  it("is described again from the facts that are kept of it", () => {
    for (const spec of specs) expect(gapSpecOf(spec.facts)).toEqual(spec);
    const facts = { ...first.facts, form: "cape" as "belt" };
    expect(() => gapSpecOf(facts)).toThrow("no missing piece is a black cape");
  });

  it.each(Array.from({ length: 12 }, (_, part) => part))(
    "unlocks what really reads otherwise with it, part %i",
    (part) => {
      expect(read(look).verdict).toBe("jars");
      const unserved = [{ nearest: [look] }];
      const gaps = [
        ...readGaps(
          unserved,
          specs.filter((_, i) => i % 12 === part),
        ),
      ];
      expect(gaps.some(({ unlocks }) => unlocks.length > 0)).toBe(true);
      for (const { spec, unlocks } of gaps) {
        const { verdict } = reachOf(swap(look, spec.slot, spec.piece));
        expect(unlocks).toEqual(verdict === "jars" ? [] : [0]);
        if (spec.slot !== "shoe") expect(unlocks).toEqual([]);
      }
    },
  );

  it("is best in few: the most first, then the most of what is left", () => {
    const gap = (say: string, unlocks: number[]): Gap => ({
      spec: { ...first, say },
      unlocks,
    });
    const best = bestGaps([gap("a", [1, 2]), gap("b", [1, 2, 3]), gap("c", [4]), gap("d", [])], 5);
    expect(best.map(({ spec }) => spec.say)).toEqual(["b", "c"]);
    expect(bestGaps([gap("a", [1]), gap("b", [2])], 1)).toHaveLength(1);
    expect(bestGaps([gap("a", [1, 2]), gap("b", [2, 1])], 5).map(({ spec }) => spec.say)).toEqual(["a"]);
    expect(bestGaps([], 5)).toEqual([]);
  });

  it("takes the metal the wardrobe mostly has", () => {
    const silver = sample("bag", { metal: "silver", metalSize: 1 });
    const gold = sample("belt", { metal: "gold", metalSize: 1 });
    expect(mainMetal([silver, silver, gold])).toBe("silver");
    expect(mainMetal([trainers])).toBe("none");
  });

  it("opens a pair through whichever of the nearest sets it completes", () => {
    const far = {
      ...look,
      accessories: [trainers, sample("bag", { name: "case", register: { low: 8, centre: 9, high: 9 } })],
    };
    const some = specs.filter((_, i) => i % 6 === 0);
    const specsOf = (looks: (typeof look)[]) =>
      [...readGaps([{ nearest: looks }], some)].flatMap(({ spec, unlocks }) =>
        unlocks.length > 0 ? [spec.say] : [],
      );
    const [plain, both] = [specsOf([look]), specsOf([far, look])];
    expect(plain.length).toBeGreaterThan(0);
    expect(both).toEqual(expect.arrayContaining(plain));
    // The second pair is opened by its first look, the first one by its second.
    const pairs = [...readGaps([{ nearest: [far, look] }, { nearest: [look] }], some)];
    const opened = pairs.filter(({ spec }) => plain.includes(spec.say)).map(({ unlocks }) => unlocks);
    expect(opened.length).toBeGreaterThan(0);
    for (const unlocks of opened) expect(unlocks).toEqual([0, 1]);
  });
});

describe("a base for an occasion", () => {
  const names = { base: "navy", occasion: "lunch" };
  const served = { ...look, accessories: [sample("shoe", { name: "shoe", hex: "#1d2742" })] };

  it("is served by the set that reads best, and open only while none does", () => {
    const reading = read(served);
    expect(reading.verdict).not.toBe("jars");
    expect(servingOf([look, served], names)).toEqual({
      ...names,
      verdict: reading.verdict,
      set: 1,
      nearest: [],
    });
    expect(servingOf([], names)).toBeNull();
    expect(servingOf([look], names)).toEqual({ ...names, verdict: "jars", set: 0, nearest: [look] });
  });

  it("is dressed with the few sets that come nearest, the nearest first", () => {
    const worse = Array.from({ length: 6 }, (_, i) => ({
      ...look,
      accessories: [trainers, sample("bag", { name: `bag ${i}`, register: { low: 8, centre: 9, high: 9 } })],
    }));
    const found = servingOf([...worse, look], names);
    expect(found?.nearest).toHaveLength(4);
    expect(found?.nearest[0]).toBe(look);
    expect(found?.set).toBe(6);
  });
});
