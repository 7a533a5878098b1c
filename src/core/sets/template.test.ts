import { describe, expect, it } from "vitest";
import type { Piece } from "../piece/piece";
import { sample } from "../testing/sample";
import { fitsTemplate, firstStock, isLevelOf, templateOf } from "./template";

const [first] = firstStock;
if (!first) throw new Error("there is no template");
const template = { ...first, from: 4, to: 6 };
const at = (centre: number) => sample("shoe", { register: { low: 1, centre, high: 9 } });

describe("what fits a template", () => {
  it.each([
    [3.4, false],
    [3.5, true],
    [4, true],
    [6.5, true],
    [6.6, false],
  ])("of the levels 4 to 6: a piece centred at %d fits: %s", (centre, fits) => {
    expect(fitsTemplate(at(centre), template)).toBe(fits);
  });
});

describe("a look", () => {
  it.each([
    [3.4, false],
    [3.5, true],
    [5, true],
    [6.5, true],
    [6.6, false],
    [null, false],
  ])("of level %s stands at the levels 4 to 6: %s", (level, stands) => {
    expect(isLevelOf(template, level)).toBe(stands);
  });
});

describe("the template of a set", () => {
  const hat = sample("hat", { register: { low: 3, centre: 4, high: 6 } });
  const bag = sample("bag", { register: { low: 5, centre: 6.5, high: 8 } });
  const wedge = sample("shoe", {
    figures: { tip: "wedge", lift: 8 },
    register: { low: 4, centre: 5, high: 6 },
  });
  const stiletto = sample("shoe", { figures: { tip: "stiletto", lift: 8 } });

  it("has its slots, the shoe always among those wanted, and its levels from the lowest to the highest", () => {
    expect(templateOf("Quay", [bag, wedge, hat])).toEqual({
      name: "Quay",
      from: 4,
      to: 6.5,
      forRain: true,
      wanted: ["shoe"],
      optional: ["hat", "bag"],
    });
  });

  it("is at home at every level where of no piece anything was said", () => {
    expect(templateOf("Any", [{ ...bag, register: null }])).toMatchObject({ from: 1, to: 9 });
    expect(templateOf("One", [{ ...bag, register: null }, hat])).toMatchObject({ from: 4, to: 4 });
  });

  it("takes rain where nothing in it suffers, and the heel holds on wet stone", () => {
    const suede = sample("bag", { finish: "suede" });
    const rain = (...pieces: Piece[]) => templateOf("", pieces).forRain;
    expect(rain(bag, wedge)).toBe(true);
    expect(rain(bag)).toBe(true);
    expect(rain(suede, wedge)).toBe(false);
    expect(rain(bag, stiletto)).toBe(false);
    expect(rain(suede, stiletto)).toBe(false);
  });
});
