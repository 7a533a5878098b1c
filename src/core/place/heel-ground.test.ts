import { describe, expect, it } from "vitest";
import { grounds } from "../piece/occasion";
import { sample } from "../testing/sample";
import { heelOnGround, holdsOn, isSmoothOn, letsSnowIn, type Footing } from "./heel-ground";

const fails = (footing: Footing) => footing !== "fine" && footing !== "mind";
const trouble = (footing: Footing) => (footing === "fine" ? 0 : fails(footing) ? 2 : 1);

describe("a heel", () => {
  it.each(grounds)("fares the better on %s the wider it is, and none at all fares best", (ground) => {
    const { stiletto, slim, block, flat } = heelOnGround[ground];
    expect(trouble(slim)).toBeLessThanOrEqual(trouble(stiletto));
    expect(trouble(block)).toBeLessThanOrEqual(trouble(slim));
    expect(flat).toBe("fine");
  });

  it.each(grounds)("has a wedge or a block to mend what fails on %s", (ground) => {
    const { block, wedge } = heelOnGround[ground];
    expect(fails(block) && fails(wedge)).toBe(false);
  });
});

describe("a shoe", () => {
  it.each([
    ["stiletto", 8, "wet stone", false],
    ["stiletto", 1.5, "wet stone", true],
    ["wedge", 8, "lawn", true],
    // What has to mind its step holds all the same.
    ["stiletto", 8, "stairs", true],
  ] as const)("with a %s of %d cm holds on %s: %s", (tip, lift, ground, holds) => {
    expect(holdsOn(sample("shoe", { figures: { tip, lift } }), ground)).toBe(holds);
  });
});

describe("a sole", () => {
  it.each([
    ["loafer", "fine", false, "wet stone", true],
    ["loafer", "fine", true, "wet stone", false],
    ["loafer", "middling", false, "wet stone", false],
    ["trainer", "fine", false, "deck", false],
    ["loafer", "fine", false, "pavement", false],
  ] as const)("%s, %s, of rubber %s, on %s slips: %s", (...[form, soleBulk, quiet, ground, slips]) => {
    expect(isSmoothOn(sample("shoe", { figures: { form, soleBulk, quiet, leather: true } }), ground)).toBe(
      slips,
    );
  });

  it("is not called smooth before anybody has said that the shoe is of leather", () => {
    expect(isSmoothOn(sample("shoe", { figures: { form: "loafer" } }), "wet stone")).toBe(false);
  });

  it("of a shoe that is cut low lets the snow in, of a boot not", () => {
    const boot = sample("shoe", { figures: { form: "boot", shaft: 20 } });
    expect(letsSnowIn(sample("shoe", { figures: { form: "flat" } }), "snow and ice")).toBe(true);
    expect(letsSnowIn(sample("shoe", { figures: { form: "flat" } }), "lawn")).toBe(false);
    expect(letsSnowIn(boot, "snow and ice")).toBe(false);
  });
});
