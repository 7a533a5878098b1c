import { describe, expect, it } from "vitest";
import { slotOf } from "../piece/piece";
import { sample } from "../testing/sample";
import { gapHex, gapSizeFault, gapSpecOf, mainMetal, type GapFacts } from "./gap-spec";

const belt: GapFacts = {
  form: "belt",
  colour: "tan",
  finish: "suede",
  level: 5,
  metal: "silver",
  size: 3,
};

describe("a missing piece by its facts", () => {
  it("is said, and made up of just what was said", () => {
    const { say, slot, facts, piece } = gapSpecOf(belt);
    expect(say).toBe("belt, tan, suede, polished smart, 3 cm");
    expect(facts).toBe(belt);
    expect(slot).toBe(slotOf(piece));
    expect(piece).toMatchObject({
      name: "Belt, tan, suede, polished smart, 3 cm",
      kind: "belt",
      swatches: [{ hex: "#b98e5f", share: 1, role: "ground" }],
      finish: "suede",
      secondFinish: null,
      pattern: "plain",
      metal: "silver",
      metalSize: 1,
      poles: ["classic"],
      statement: 0,
      unsaid: [],
      assumed: [],
      figures: { width: 3 },
    });
    expect(piece.register?.centre).toBe(5);
  });

  it("says neither a level nor a size that nobody has said", () => {
    const { say, piece } = gapSpecOf({ ...belt, level: null, size: null });
    expect(say).toBe("belt, tan, suede");
    expect(piece.register).toBeNull();
    expect(piece).toMatchObject({ figures: { width: 2.8 } });
  });

  it.each([
    ["belt", "gold", "gold", 1],
    ["belt", "none", "none", 0],
    ["belt", "unknown", "unknown", 0],
    ["opaque tights", "silver", "none", 0],
  ] as const)("a %s with %s shows %s, of size %d", (form, metal, shown, metalSize) => {
    const { piece } = gapSpecOf({ ...belt, form, metal, size: null });
    expect(piece).toMatchObject({ metal: shown, metalSize });
  });

  it("has a colour that is tried here, or any that is called something", () => {
    expect(gapHex("tan")).toBe("#b98e5f");
    expect(gapHex("#2a66c8")).toBe("#2a66c8");
    expect(gapHex("sparkly")).toBeNull();
  });

  it.each([
    [0.4, false],
    [0.5, true],
    [20, true],
    [20.1, false],
    [null, true],
  ])("a belt of %s cm can be: %s", (size, can) => {
    expect(gapSizeFault({ form: "belt", size }) === null).toBe(can);
  });

  it("names what is wrong with a size", () => {
    expect(gapSizeFault({ form: "belt", size: 90 })).toBe(
      "Width of the belt must be from 0.5 to 20 cm; 90 is not plausible.",
    );
  });
});

describe("the metal of a wardrobe", () => {
  const buckle = (metal: "gold" | "silver" | "unknown", metalSize: 0 | 1) =>
    sample("bag", { metal, metalSize });

  it("is that which most of it shows, in whatever order it hangs", () => {
    const gold = [buckle("gold", 1), buckle("gold", 1)];
    expect(mainMetal([buckle("silver", 1), ...gold])).toBe("gold");
    expect(mainMetal([...gold, buckle("silver", 1)])).toBe("gold");
  });

  it("is none that is not seen, nor one that nobody has said", () => {
    const hidden = [buckle("silver", 0), buckle("silver", 0)];
    const unsaid = [buckle("unknown", 1), buckle("unknown", 1)];
    expect(mainMetal([...hidden, buckle("gold", 1)])).toBe("gold");
    expect(mainMetal([...unsaid, buckle("gold", 1)])).toBe("gold");
    expect(mainMetal([...hidden, ...unsaid])).toBe("none");
    expect(mainMetal([])).toBe("none");
  });
});
