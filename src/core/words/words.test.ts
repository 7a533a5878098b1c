import { describe, expect, it } from "vitest";
import { fillMessage } from "./message";
import { numberOf } from "./number";
import { withinSentence } from "./within-sentence";

describe("the number of a name", () => {
  it.each([
    ["Chestnut penny loafers", 2],
    ["Sheer navy tights, 15 den", 2],
    ["Trousers in grey flannel", 2],
    ["Silver disc studs", 2],
    ["Raw straight jeans", 2],
    ["Glasses with round lenses", 2],
    ["Teal wool tea-length dress", 1],
    ["Slate tote", 1],
    ["Bag of glass beads", 1],
    ["Steel watch on navy leather", 1],
    ["Cream canvas", 1],
    ["Boat-neck", 1],
    ["Clematis", 1],
    ["", 1],
  ] as const)("%s takes the verb of %i", (name, number) => {
    expect(numberOf(name)).toBe(number);
  });
});

describe("a name within a sentence", () => {
  it.each([
    ["Navy boots", "navy boots"],
    ["LBD with a boat neck", "LBD with a boat neck"],
    ["A-line skirt", "A-line skirt"],
    ["T-strap pumps", "T-strap pumps"],
    ["PVC mac", "PVC mac"],
    ["Maren's shawl", "Maren's shawl"],
    ["Old Faithful", "Old Faithful"],
    ["Oxford shoes", "Oxford shoes"],
    ["Aran-knit cardigan", "Aran-knit cardigan"],
    ["Navy Breton top", "navy Breton top"],
    ["Élan scarf", "élan scarf"],
    ["it", "it"],
    ["", ""],
  ])("%s stands as %s", (name, within) => {
    expect(withinSentence(name)).toBe(within);
  });
});

describe("a message", () => {
  it("agrees in number, and chooses by a word", () => {
    const template =
      "{shoe} {shoeCount, plural, one {takes} other {take}} {it, select, rain {rain} other {sun}}.";
    expect(fillMessage(template, { shoe: "loafers", shoeCount: 2, it: "rain" })).toBe("loafers take rain.");
    expect(fillMessage(template, { shoe: "boot", shoeCount: 1, it: "wind" })).toBe("boot takes sun.");
  });

  it("says what it was not given", () => {
    expect(() => fillMessage("{shoe} alone.", {})).toThrow(/shoe/);
    expect(() => fillMessage("{shoe", { shoe: "it" })).toThrow();
  });
});
