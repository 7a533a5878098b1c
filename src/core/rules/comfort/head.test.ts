import { describe, expect, it } from "vitest";
import type { Piece } from "../../piece/piece";
import { effectsOf } from "../../testing/findings";
import { sample, sampleClient, sampleLook, sampleOccasion } from "../../testing/sample";
import { beltFit } from "./belt-fit";
import { wrist } from "../style/wrist";
import { eyewear } from "./eyewear";
import { gloves } from "../proportion/gloves";
import { hat } from "./hat";

const look = (
  accessories: Piece[],
  garments: Piece[] = [],
  wind = 3,
  light: typeof sampleOccasion.light = "daylight",
) => sampleLook({ garments, accessories, occasion: { ...sampleOccasion, wind, light } });

describe("a hat", () => {
  const brimmed = (brim: number, pinned = false) => sample("hat", { name: "hat", figures: { brim, pinned } });

  it.each([
    [9, false, 10, ["jars"]],
    [9, true, 10, []],
    [5, false, 10, []],
    [9, false, 4, []],
  ] as const)("with a brim of %d cm, pinned %s, in %d m/s: %j", (brim, pinned, wind, effects) => {
    expect(effectsOf(hat, look([brimmed(brim, pinned)], [], wind))).toEqual(effects);
  });

  it("meets a hood behind", () => {
    const hooded = sample("coat", { name: "coat", figures: { collar: "hood" } });
    expect(effectsOf(hat, look([brimmed(9)], [hooded]))).toEqual(["rubs"]);
  });
});

describe("gloves and sleeves", () => {
  it.each([
    ["long", 6, []],
    ["three-quarter", 6, ["rubs"]],
    ["three-quarter", 15, []],
    ["none", 6, []],
  ] as const)("a %s sleeve over gloves of %d cm: %j", (sleeve, length, effects) => {
    const coat = sample("coat", { name: "coat", figures: { sleeve } });
    expect(effectsOf(gloves, look([sample("gloves", { figures: { length } })], [coat]))).toEqual(effects);
  });
});

describe("dark glasses", () => {
  const glasses = (filter: number) => sample("eyewear", { name: "glasses", figures: { filter } });

  it("are not for the evening, and the darkest not for driving", () => {
    expect(effectsOf(eyewear, look([glasses(3)], [], 3, "evening"))).toEqual(["jars"]);
    expect(effectsOf(eyewear, look([glasses(4)]))).toEqual(["note"]);
    expect(effectsOf(eyewear, look([glasses(3)]))).toEqual([]);
  });
});

describe("the wrist", () => {
  it("is hidden by a long sleeve", () => {
    const cuff = sample("bracelet", { name: "cuff", statement: 1 });
    const top = (sleeve: "long" | "short") => sample("top", { name: "top", figures: { sleeve } });
    expect(effectsOf(wrist, look([cuff], [top("long")]))).toEqual(["note"]);
    expect(effectsOf(wrist, look([cuff], [top("short")]))).toEqual([]);
  });
});

describe("a belt", () => {
  const client = { ...sampleClient, measured: { ...sampleClient.measured, waist: 76 } };
  const belt = (width: number, firstHole = 72, lastHole = 88) =>
    sample("belt", { name: "belt", figures: { width, firstHole, lastHole } });
  const worn = (piece: Piece, loops: number | null = null, knit = false) =>
    sampleLook({
      client,
      garments: [
        sample("trousers", { name: "trousers", figures: { loops } }),
        sample("top", { name: "top", finish: knit ? "knit" : "matte smooth" }),
      ],
      accessories: [piece],
    });

  it("goes through its loops", () => {
    expect(effectsOf(beltFit, worn(belt(4), 3.5))).toEqual(["jars"]);
    expect(effectsOf(beltFit, worn(belt(3), 3.5))).toEqual([]);
  });

  it("closes between its first hole and its last, over what lies under it", () => {
    expect(effectsOf(beltFit, worn(belt(3, 78, 90)))).toEqual(["jars"]);
    expect(effectsOf(beltFit, worn(belt(3, 78, 90), null, true))).toEqual([]);
    expect(effectsOf(beltFit, worn(belt(3, 60, 74)))).toEqual(["jars"]);
  });

  it("is not read where the waist was not measured", () => {
    expect(effectsOf(beltFit, { ...worn(belt(3, 60, 74)), client: sampleClient })).toEqual(["unread"]);
  });
});
