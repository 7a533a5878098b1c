import { describe, expect, it } from "vitest";
import { colourNames } from "../colour/colour-names";
import { saysColour, saysItsSort, shaded, swatchesOf, type SaidColour } from "./colours";

const hexOf = (name: string) => colourNames[name] ?? "";

describe("the sort of a colour behind its name", () => {
  it.each([
    ["midnight", "blue", true],
    ["petrol", "blue", true],
    ["turquoise", "green", true],
    ["chocolate", "brown", true],
    ["rust", "orange", true],
    ["salmon", "pink", true],
    ["slate", "grey", true],
    ["slate", "gray", true],
    ["ivory", "white", true],
    ["jet", "black", true],
    // Two colours, named one behind the other.
    ["navy", "red", false],
    ["navy", "green", false],
    ["rust", "green", false],
    ["teal", "pink", false],
    ["navy", "white", false],
    ["camel", "white", false],
    ["charcoal", "black", false],
    ["black", "grey", false],
    ["white", "grey", false],
    ["olive", "grey", false],
    ["grey", "red", false],
    // Names that are a colour of their own are no sort.
    ["navy", "cobalt", false],
    ["rust", "terracotta", false],
  ])("%s %s: one colour is %s", (name, sort, isOne) => {
    expect(saysItsSort(hexOf(name), sort, hexOf(sort === "gray" ? "grey" : sort))).toBe(isOne);
  });

  it("lies round the circle of hues as near one way as the other", () => {
    expect(saysItsSort(hexOf("raspberry"), "red", hexOf("red"))).toBe(true);
    expect(saysItsSort(hexOf("brick"), "pink", hexOf("pink"))).toBe(true);
  });
});

describe("a shade of a colour", () => {
  const light = (hex: string) => [1, 3, 5].reduce((sum, at) => sum + parseInt(hex.slice(at, at + 2), 16), 0);
  const blue = hexOf("blue");

  it("is the colour itself where none is said", () => {
    expect(shaded(blue, [])).toBe(blue);
  });

  it("is so much of the way to white or to black, and one behind the other goes on from there", () => {
    const half = [{ depth: 0.5, clarity: 1 }];
    expect(light(shaded(blue, half))).toBeGreaterThan(light(blue));
    expect(light(shaded(blue, [...half, ...half]))).toBeGreaterThan(light(shaded(blue, half)));
    expect(light(shaded(blue, [{ depth: -0.5, clarity: 1 }]))).toBeLessThan(light(blue));
    expect(shaded("#ffffff", half)).toBe("#ffffff");
  });
});

describe("what was said of parts", () => {
  const own = { kind: "shoe", metal: "none", ofMaking: null } as const;
  const said = (hex: string, part: SaidColour["part"], perhapsWhole = false) => ({ hex, part, perhapsWhole });
  const rolesOf = (colours: readonly SaidColour[]) => swatchesOf(colours, own).map(({ role }) => role);

  it("is said of the whole where it may be and nothing else is, of several the last", () => {
    expect(rolesOf([said("#141414", "sole", true)])).toEqual(["ground"]);
    expect(saysColour([said("#141414", "sole", true)], own)).toBe(true);
    const [ground, ...parts] = swatchesOf(
      [said("#fafafa", "sole", true), said("#141414", "strap", true)],
      own,
    );
    expect(ground?.hex).toBe("#141414");
    expect(parts.map(({ role }) => role)).toEqual(["sole"]);
  });

  it("stays with the part where the whole has a colour, or where it cannot be meant", () => {
    expect(rolesOf([said("#fafafa", "sole", true), said("#1d2742", null)])).toEqual(["ground", "sole"]);
    const [ground, sole] = swatchesOf([said("#fafafa", "sole")], own);
    expect([ground?.role, sole?.hex]).toEqual(["ground", "#fafafa"]);
    expect(saysColour([said("#fafafa", "sole")], own)).toBe(false);
  });

  it("adds up to the whole, of a dozen colours at the most", () => {
    const many = Array.from({ length: 15 }, (_, i) => said(`#${(i + 16).toString(16)}0000`, null));
    expect(swatchesOf(many, own)).toHaveLength(12);
    const shares = swatchesOf([said("#1d2742", null), said("#fafafa", null), said("#b3202a", "sole")], own);
    expect(shares.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1);
  });
});
