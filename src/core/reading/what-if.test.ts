import { describe, expect, it } from "vitest";
import type { Look } from "../piece/look";
import { sample, sampleLook, sampleOccasion } from "../testing/sample";
import { read } from "./read";
import { differing, lookIf, whatIfs, type WhatIf } from "./what-if";

const look: Look = sampleLook({
  garments: [
    sample("trousers", { name: "trousers", hex: "#1f2a47" }),
    sample("top", { name: "shirt", hex: "#e4e7ea" }),
  ],
  accessories: [
    sample("shoe", {
      name: "pumps",
      finish: "suede",
      figures: { form: "pump", lift: 6, platform: 0.5, tip: "block" },
    }),
    sample("bag", { name: "bag" }),
  ],
  occasion: {
    ...sampleOccasion,
    temperature: 14,
    rain: 0.05,
    onFoot: 20,
    span: { low: 4, high: 6 },
    ground: "pavement",
  },
});

const saidIf = (whatIf: WhatIf) => {
  const other = lookIf(look, whatIf);
  if (!other) throw new Error("it applies to this look");
  return differing(read(look), read(other)).comes.map(({ rule, message }) => `${rule} ${message}`);
};

describe("what if", () => {
  it.each([
    ["rain", "comfort.wet spoils"],
    ["colder", "comfort.warmth neck"],
    ["standing", "comfort.foot-time far"],
  ] as const)("%s: %s", (whatIf, says) => {
    expect(saidIf(whatIf)).toContain(says);
  });

  it("moves just what it says, and leaves the look as it was", () => {
    const before = JSON.stringify(look);
    expect(lookIf(look, "dressier")?.occasion?.span).toEqual({ low: 5, high: 7 });
    expect(lookIf(look, "evening")?.occasion?.light).toBe("evening");
    expect(lookIf(look, "colder")?.occasion?.temperature).toBe(4);
    expect(lookIf(look, "seated")?.client.seated).toBe(true);
    expect(JSON.stringify(look)).toBe(before);
  });

  it("is not asked where nobody has said for which occasion, nor of one who sits already", () => {
    const nowhere = { ...look, occasion: null };
    for (const whatIf of whatIfs) expect(lookIf(nowhere, whatIf) !== null).toBe(whatIf === "seated");
    expect(lookIf({ ...look, client: { ...look.client, seated: true } }, "seated")).toBeNull();
  });

  it("supposes weather in a forecast's place", () => {
    const forecast: Look = { ...look, occasion: look.occasion && { ...look.occasion, weather: "forecast" } };
    expect(lookIf(forecast, "rain")?.occasion).toMatchObject({ weather: "typed", rain: 0.95 });
  });

  it("says nothing new of a look that is read twice", () => {
    expect(differing(read(look), read(look))).toEqual({ comes: [], goes: [] });
  });
});
