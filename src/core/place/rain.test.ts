import { describe, expect, it } from "vitest";
import type { Finish } from "../finish/finishes";
import type { Piece } from "../piece/piece";
import { sample, sampleOccasion } from "../testing/sample";
import { isSheltered, isWet, suffersInRain } from "./rain";

describe("an occasion", () => {
  it.each([
    [0.4, "pavement", false],
    [0.41, "pavement", true],
    [0.9, "lawn", true],
    [0.9, "indoors", false],
    [0, "deck", false],
  ] as const)("with a chance of rain of %d on %s is wet: %s", (rain, ground, wet) => {
    expect(isWet({ ...sampleOccasion, rain, ground }, 0.4)).toBe(wet);
  });
});

describe("a piece in the rain", () => {
  it.each(["suede", "canvas", "satin", "velvet", "raffia"] satisfies Finish[])("of %s suffers", (finish) => {
    expect(suffersInRain(sample("bag", { finish }))).toBe(true);
  });

  it.each(["matte smooth", "waxed", "patent", "knit"] satisfies Finish[])("of %s does not", (finish) => {
    expect(suffersInRain(sample("bag", { finish }))).toBe(false);
  });

  it("lets the foot get wet where a shoe is open, whatever it is made of", () => {
    expect(suffersInRain(sample("shoe", { finish: "patent", figures: { toe: "open" } }))).toBe(true);
    expect(suffersInRain(sample("shoe", { finish: "patent", figures: { form: "sandal" } }))).toBe(true);
    expect(suffersInRain(sample("shoe", { finish: "patent", figures: { form: "pump" } }))).toBe(false);
  });

  it.each([
    ["hat", true],
    ["bag", true],
    ["coat", true],
    ["hosiery", false],
    ["shoe", false],
  ] as const)("of the kind %s is under an umbrella: %s", (kind, is) => {
    expect(isSheltered(sample(kind) as Piece)).toBe(is);
  });
});
