import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Piece } from "../piece/piece";
import { generatedWardrobe } from "../testing/generated";
import { sample, sampleLook } from "../testing/sample";
import { dress } from "./dress";

const coloursOf = (garments: Piece[], accessories: Piece[] = []) =>
  dress(sampleLook({ garments, accessories })).colours;
const top = (hex: string, given: object = {}) =>
  sample("top", { name: `top ${hex}`, hex, figures: { tucked: true }, ...given });
const skirt = (hex: string) => sample("skirt", { name: `skirt ${hex}`, hex });

describe("the colours of a look, as they are counted", () => {
  it("are chromatic families one by one, the largest first", () => {
    const names = coloursOf([skirt("#2450c0"), top("#c4922f")]).map(({ name }) => name);
    expect(names).toHaveLength(2);
    expect(new Set(names).size).toBe(2);
  });

  it("take the neutrals of one temperature together, and a plain grey to whichever is there", () => {
    const warm = coloursOf([skirt("#6d3f26"), top("#efe6cf")]);
    expect(warm.map(({ name }) => name)).toEqual(["warm neutrals"]);
    const joined = coloursOf([skirt("#6d3f26"), top("#808080")]);
    expect(joined.map(({ name }) => name)).toEqual(["warm neutrals"]);
    expect(coloursOf([skirt("#808080"), top("#1a1a1a")]).map(({ name }) => name)).toEqual(["neutrals"]);
  });

  it("count a print by its ground and one of its motifs", () => {
    const swatches = [
      { hex: "#17181a", share: 0.6, role: "ground" },
      { hex: "#c4922f", share: 0.2, role: "motif" },
      { hex: "#2450c0", share: 0.1, role: "motif" },
      { hex: "#6b1f2f", share: 0.1, role: "motif" },
    ] as const;
    const printed = coloursOf([top("#17181a", { swatches, pattern: "floral" })]);
    expect(printed).toHaveLength(2);
    const pieced = coloursOf([top("#17181a", { swatches, pattern: "plain" })]);
    expect(pieced.length).toBeGreaterThan(2);
  });

  it("fall from the largest to the smallest, and make no more than the whole of the look", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 500 }), (seed) => {
        const accessories = generatedWardrobe(["shoe", "bag", "belt", "scarf", "hat"], 1, seed);
        const shares = coloursOf([skirt("#2450c0"), top("#efe6cf")], accessories).map(({ share }) => share);
        expect(shares).toEqual([...shares].sort((one, other) => other - one));
        const whole = shares.reduce((sum, share) => sum + share, 0);
        expect(whole).toBeGreaterThan(0.99);
        expect(whole).toBeLessThan(1.000001);
      }),
      { numRuns: 60 },
    );
  });
});

describe("a dressed look", () => {
  it("names what many rules ask for, as it stands among what is worn", () => {
    const kinds = ["shoe", "bag", "belt", "hosiery", "hat", "scarf", "watch", "coat"] as const;
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 500 }), fc.subarray([...kinds]), (seed, chosen) => {
        const accessories = generatedWardrobe(chosen, 1, seed);
        const look = sampleLook({ garments: [skirt("#2450c0"), top("#efe6cf")], accessories });
        const { worn, visible, garments, accessories: others, ...named } = dress(look);
        for (const kind of ["shoe", "bag", "belt", "hosiery"] as const)
          expect(named[kind]).toBe(worn.find(({ piece }) => piece.kind === kind) ?? null);
        expect(visible).toEqual(worn.filter(({ seen }) => seen.length > 0));
        expect(new Set([...garments, ...others])).toEqual(new Set(visible));
        for (const { place } of garments) expect(place).not.toBeNull();
        for (const { place, slot } of others) {
          expect(place).toBeNull();
          expect(slot).not.toBeNull();
        }
      }),
      { numRuns: 60 },
    );
  });
});
