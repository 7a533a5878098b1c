import { differenceCiede2000 } from "culori/fn";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { isNearBlack, isNearWhite } from "./depth";
import { difference } from "./difference";
import { familyOf, isNeutralFamily, isSkinTone, passesForSkin } from "./family";
import { relationOf } from "./relation";
import { shadeOf, type Shade } from "./shade";
import { temperature } from "./temperature";

const hexes = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, "0")}`);

describe("a shade", () => {
  it("is measured in CIELAB under D65", () => {
    const red = shadeOf("#ff0000");
    expect(red.L).toBeCloseTo(53.24, 1);
    expect(red.a).toBeCloseTo(80.09, 1);
    expect(red.b).toBeCloseTo(67.2, 1);
    expect(red.clarity).toBeCloseTo(1, 2);
  });

  it("is the same object for the same hex, and refuses what is no colour", () => {
    expect(shadeOf("#2a66c8")).toBe(shadeOf("#2a66c8"));
    expect(() => shadeOf("navyish")).toThrow(/not a colour/);
  });

  it("has a clarity between grey and the edge of the gamut", () => {
    fc.assert(
      fc.property(hexes, (hex) => {
        const { clarity } = shadeOf(hex);
        expect(clarity).toBeGreaterThanOrEqual(0);
        expect(clarity).toBeLessThanOrEqual(1);
      }),
    );
  });
});

describe("difference", () => {
  // Sharma, Wu and Dalal, "The CIEDE2000 Color-Difference Formula" (2005), rows 1, 7, 17 and 25.
  const published = [
    { one: [50, 2.6772, -79.7751], other: [50, 0, -82.7485], apart: 2.0425 },
    { one: [50, 0, 0], other: [50, -1, 2], apart: 2.3669 },
    { one: [50, 2.5, 0], other: [73, 25, -18], apart: 27.1492 },
    { one: [60.2574, -34.0099, 36.2677], other: [60.4626, -34.1751, 39.4387], apart: 1.2644 },
  ] as const;
  // Beyond every shade that is met here: what is remembered of one that has its id would be another's.
  const neverMet = 900_000;
  const measured = (at: number, [L, a, b]: readonly [number, number, number]): Shade => ({
    id: neverMet + at,
    hex: "",
    L,
    a,
    b,
    C: 0,
    hue: 0,
    clarity: 0,
  });

  it("agrees with the published pairs", () => {
    for (const [at, { one, other, apart }] of published.entries()) {
      const pair = [measured(2 * at, one), measured(2 * at + 1, other)] as const;
      expect(difference(...pair)).toBeCloseTo(apart, 3);
      expect(difference(...pair)).toBe(difference(pair[1], pair[0]));
    }
  });

  it("is what the formula says, however often and in whichever order it is asked", () => {
    const formula = differenceCiede2000();
    const lab = ({ L: l, a, b }: Shade) => ({ mode: "lab65" as const, l, a, b });
    fc.assert(
      fc.property(fc.array(hexes, { minLength: 2, maxLength: 30 }), (met) => {
        const shades = met.map(shadeOf);
        for (const one of shades)
          for (const other of shades)
            expect(difference(one, other)).toBeCloseTo(formula(lab(one), lab(other)), 9);
      }),
    );
  });

  it("is symmetric and zero only for one colour", () => {
    fc.assert(
      fc.property(hexes, hexes, (one, other) => {
        const apart = difference(shadeOf(one), shadeOf(other));
        expect(apart).toBe(difference(shadeOf(other), shadeOf(one)));
        expect(apart === 0).toBe(one === other);
      }),
    );
  });
});

describe("family", () => {
  it.each([
    ["#111113", "black"],
    ["#3c3e43", "charcoal"],
    ["#f8f9fb", "white"],
    ["#f1e8d4", "ivory"],
    ["#d6c7aa", "beige"],
    ["#a9794b", "tan"],
    ["#5a3b26", "brown"],
    ["#1d2742", "navy"],
    ["#2450c0", "blue"],
    ["#cfe0ee", "light blue"],
    ["#17606a", "teal"],
    ["#63653a", "olive"],
    ["#c4922f", "mustard"],
    ["#9c4a2b", "rust"],
    ["#6b1f2f", "burgundy"],
    ["#4b2346", "purple"],
  ])("%s is %s", (hex, family) => {
    expect(familyOf(shadeOf(hex))).toBe(family);
  });

  it("counts navy and denim among the working neutrals, and teal not", () => {
    expect(isNeutralFamily("navy")).toBe(true);
    expect(isNeutralFamily("denim")).toBe(true);
    expect(isNeutralFamily("teal")).toBe(false);
  });

  it("knows a swatch near the client's own skin", () => {
    const skin = "#d9b08c";
    expect(isSkinTone(shadeOf("#d4a982"), skin)).toBe(true);
    expect(isSkinTone(shadeOf("#5a3b26"), skin)).toBe(false);
  });

  it("takes of hosiery what could be somebody's skin for it where nobody has said the client's", () => {
    for (const hex of ["#f6efdc", "#ecc8c0", "#d8c6a4", "#b98e5f", "#5a3b26"]) {
      expect(passesForSkin(shadeOf(hex), null), hex).toBe(true);
      expect(isSkinTone(shadeOf(hex), null), hex).toBe(false);
    }
    for (const hex of ["#17181a", "#ffffff", "#1c2640", "#bf2026", "#8c8e91"])
      expect(passesForSkin(shadeOf(hex), null), hex).toBe(false);
    expect(passesForSkin(shadeOf("#d4a982"), "#d9b08c")).toBe(true);
    expect(passesForSkin(shadeOf("#5a3b26"), "#d9b08c")).toBe(false);
  });
});

describe("depth and temperature", () => {
  it("tells near-whites and near-blacks", () => {
    expect(["#f8f9fb", "#eee3c9", "#f3ead7"].every((hex) => isNearWhite(shadeOf(hex)))).toBe(true);
    expect(isNearWhite(shadeOf("#d6c7aa"))).toBe(false);
    expect(["#111113", "#1d2742"].every((hex) => isNearBlack(shadeOf(hex)))).toBe(true);
    expect(isNearBlack(shadeOf("#3c3e43"))).toBe(false);
  });

  it("calls ivory warm, optic white neither, blue-grey cool, rust warm, cobalt cool", () => {
    expect(temperature(shadeOf("#f1e8d4"))).toBeGreaterThan(0.5);
    expect(Math.abs(temperature(shadeOf("#ffffff")))).toBeLessThan(0.05);
    expect(temperature(shadeOf("#8b95a5"))).toBeLessThan(-0.5);
    expect(temperature(shadeOf("#9c4a2b"))).toBeGreaterThan(0.7);
    expect(temperature(shadeOf("#2450c0"))).toBeLessThan(-0.6);
  });

  it("stays within -1 and 1", () => {
    fc.assert(fc.property(hexes, (hex) => Math.abs(temperature(shadeOf(hex))) <= 1));
  });
});

describe("relation", () => {
  const relation = (one: string, other: string) => relationOf(shadeOf(one), shadeOf(other));

  it.each([
    ["#1d2742", "#1d2743", "same"],
    ["#f7f2e6", "#f8f9fb", "near miss"],
    ["#17606a", "#5fa3ab", "tonal"],
    ["#1d2742", "#c0562f", "neutral + colour"],
    ["#bf2026", "#dba52e", "analogous"],
    ["#bf2026", "#f2d53c", "contrast"],
    ["#bf2026", "#12686b", "opposite"],
  ])("%s and %s are %s", (one, other, kind) => {
    expect(relation(one, other).kind).toBe(kind);
  });

  it("calls two clear colours far apart loud", () => {
    expect(relation("#bf2026", "#1f4fb4").loud).toBe(true);
    expect(relation("#a5482a", "#6b6a36").loud).toBe(false);
  });

  it("does not depend on the order", () => {
    fc.assert(
      fc.property(hexes, hexes, (one, other) => {
        expect(relation(one, other)).toEqual(relation(other, one));
      }),
    );
  });
});
