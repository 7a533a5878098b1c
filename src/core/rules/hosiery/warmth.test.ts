import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { hosieryClo } from "../../piece/kinds/hosiery";
import type { Piece } from "../../piece/piece";
import { insulationOf } from "../../piece/insulation";
import { comfortableAir } from "../../place/warmth";
import { isSpringOrSummer } from "../../place/season";
import { effectsOf } from "../../testing/findings";
import { sample, sampleClient, sampleLook, sampleOccasion } from "../../testing/sample";
import { beltNeed } from "../proportion/belt-need";
import { hosieryWarmth } from "./warmth";

const dress = sample("dress", { name: "dress", figures: { length: 100, sleeve: "long" } });
const shoes = sample("shoe", { name: "shoes" });
const at = (temperature: number, accessories: Piece[], ground: "pavement" | "indoors" = "pavement") =>
  sampleLook({
    garments: [dress],
    accessories,
    occasion: { ...sampleOccasion, temperature, ground, wind: 3 },
  });

describe("a leg dressed for the weather", () => {
  const wool = sample("hosiery", { name: "wool tights", figures: { form: "tights", denier: 160 } });

  it("rubs when it is bare in the cold, not indoors and not in hosiery", () => {
    expect(effectsOf(hosieryWarmth, at(2, [shoes]))).toEqual(["rubs"]);
    expect(effectsOf(hosieryWarmth, at(2, [shoes], "indoors"))).toEqual([]);
    expect(effectsOf(hosieryWarmth, at(2, [shoes, wool]))).toEqual([]);
    expect(effectsOf(hosieryWarmth, at(22, [shoes]))).toEqual([]);
  });

  it("rubs in wool in the heat", () => {
    expect(effectsOf(hosieryWarmth, at(32, [shoes, wool]))).toEqual(["rubs"]);
    expect(effectsOf(hosieryWarmth, at(14, [shoes, wool]))).toEqual([]);
  });
});

describe("insulation", () => {
  const cloOf = (pieces: readonly Piece[]) => pieces.reduce((sum, piece) => sum + insulationOf(piece), 0);

  it("grows with every piece, so that the comfortable air grows colder", () => {
    const pieces = [dress, shoes, sample("coat"), sample("hat"), sample("gloves"), sample("scarf")];
    fc.assert(
      fc.property(fc.shuffledSubarray(pieces), (worn) => {
        for (const piece of pieces.filter((each) => !worn.includes(each))) {
          expect(cloOf([piece])).toBeGreaterThan(0);
          expect(comfortableAir(cloOf([...worn, piece]), 2, "strolling")).toBeLessThan(
            comfortableAir(cloOf(worn), 2, "strolling"),
          );
        }
      }),
    );
  });

  it("is less in the wind", () => {
    expect(comfortableAir(cloOf([dress]), 8, "strolling")).toBeGreaterThan(
      comfortableAir(cloOf([dress]), 0, "strolling"),
    );
  });

  it("of a leg is what the table says", () => {
    expect(hosieryClo(15, "tights")).toBe(0.02);
    expect(hosieryClo(60, "tights")).toBe(0.05);
    expect(hosieryClo(180, "tights")).toBe(0.1);
    expect(hosieryClo(180, "crew sock")).toBeLessThan(hosieryClo(180, "knee-high"));
  });
});

describe("spring and summer", () => {
  it.each([
    ["2026-03-01", true],
    ["2026-08-31", true],
    ["2026-09-01", false],
    ["2026-02-28", false],
  ])("%s: %s", (day, is) => {
    expect(isSpringOrSummer(day)).toBe(is);
  });
});

describe("a waist that was asked for", () => {
  const asked = { ...sampleClient, goals: { ...sampleClient.goals, moreWaist: true } };
  const belt = sample("belt", { name: "belt" });

  it("is drawn by a belt, and missed without one; nobody else is told", () => {
    expect(
      effectsOf(beltNeed, sampleLook({ client: asked, garments: [dress], accessories: [belt] })),
    ).toEqual(["lifts"]);
    expect(effectsOf(beltNeed, sampleLook({ client: asked, garments: [dress] }))).toEqual(["note"]);
    expect(effectsOf(beltNeed, sampleLook({ garments: [dress] }))).toEqual([]);
  });
});
