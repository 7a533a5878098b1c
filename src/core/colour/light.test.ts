import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { dress } from "../dressing/dress";
import { lookUnder } from "../reading/relit";
import { effectsOf } from "../testing/findings";
import { sample, sampleLook } from "../testing/sample";
import { nearWhite } from "../rules/colour/near-white";
import { clarityBand, depthWord, temperatureWord } from "./bands";
import { characterOf } from "./character";
import { underLight } from "./light";
import { sayRelation } from "./say-relation";
import { shadeOf } from "./shade";
import { temperature } from "./temperature";

const hexes = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, "0")}`);

describe("a colour by a light", () => {
  it("is itself by day", () => {
    fc.assert(fc.property(hexes, (hex) => underLight(hex, "daylight") === hex));
  });

  it("warms under the lamp, and white most plainly", () => {
    const white = shadeOf(underLight("#ffffff", "evening"));
    // The short cone keeps 0.8 + 0.2 x 0.33 of its answer: about 9 b* before the gamut clips it.
    expect(white.b).toBeGreaterThan(5);
    expect(white.b).toBeLessThan(10);
    fc.assert(
      fc.property(hexes, (hex) => {
        const [day, lamp] = [shadeOf(hex), shadeOf(underLight(hex, "evening"))];
        if (day.L > 30 && day.L < 90) expect(lamp.b).toBeGreaterThanOrEqual(day.b - 1.5);
      }),
    );
  });

  it("keeps black black and the order of the greys", () => {
    expect(underLight("#000000", "evening")).toBe("#000000");
    const depths = ["#202020", "#606060", "#a0a0a0", "#e0e0e0"].map(
      (hex) => shadeOf(underLight(hex, "evening")).L,
    );
    expect([...depths].sort((a, b) => a - b)).toEqual(depths);
  });

  it("relights a whole look, skin included, and reads its whites anew", () => {
    const look = sampleLook({
      garments: [
        sample("trousers", { name: "oyster", hex: "#eee3c9" }),
        sample("top", { name: "white", hex: "#f7f9fb", figures: { tucked: true } }),
      ],
    });
    const evening = lookUnder(look, "evening");
    expect(evening.client.colouring.skin).not.toBe(look.client.colouring.skin);
    expect(evening.garments.map(({ swatches }) => swatches[0]?.hex)).toEqual([
      underLight("#eee3c9", "evening"),
      underLight("#f7f9fb", "evening"),
    ]);
    expect(lookUnder(look, "daylight")).toBe(look);
    expect(effectsOf(nearWhite, look)).toEqual(["jars"]);
    const by = (of: typeof look) => dress(of).worn.map(({ profile }) => profile.ground?.shade.b ?? 0);
    expect(Math.min(...by(evening))).toBeGreaterThan(Math.min(...by(look)));
  });
});

describe("words for colours", () => {
  it.each([
    ["#f7f9fb", "#f8fafb", "same"],
    ["#f1e8d4", "#f7f1e2", "near miss"],
    ["#1d2742", "#bf2026", "neutral + colour"],
    ["#1f4fb4", "#8fb0f0", "tonal"],
    ["#bf2026", "#f0a030", "analogous"],
    ["#bf2026", "#1f4fb4", "contrast"],
    ["#bf2026", "#12686b", "opposite"],
    ["#3c3e43", "#eee3c9", "neutrals"],
  ])("%s and %s are %s", (one, other, name) => {
    const said = sayRelation(shadeOf(one), shadeOf(other));
    expect(said.name).toBe(name);
    expect(said.why).not.toMatch(/[LCb]\*|dE|\u00b0/);
    expect(said.figures).toMatch(/colour difference \d/);
    expect(sayRelation(shadeOf(other), shadeOf(one)).name).toBe(name);
  });

  it("call two neutrals two, however alike they are in warmth, and one grey one", () => {
    expect(sayRelation(shadeOf("#d6c5a6"), shadeOf("#141414")).why).toMatch(/^Two neutrals, beige and black/);
    expect(sayRelation(shadeOf("#7a7a7a"), shadeOf("#959595")).why).toMatch(/^One grey, /);
    expect(sayRelation(shadeOf("#1f4fb4"), shadeOf("#8fb0f0")).why).toMatch(/^One colour, /);
  });

  it("call two clear colours far apart loud", () => {
    expect(sayRelation(shadeOf("#ff0000"), shadeOf("#0030ff")).why).toMatch(/loud/);
  });

  it("name bands of depth, clarity and temperature", () => {
    expect([8, 20, 40, 50, 70, 80, 95].map(depthWord)).toEqual([
      "very dark",
      "dark",
      "deep",
      "middle",
      "light",
      "pale",
      "near white",
    ]);
    expect([0.2, 0.5, 0.8].map(clarityBand)).toEqual(["muted", "soft", "clear"]);
    expect([0.5, 0, -0.5].map(temperatureWord)).toEqual(["warm", "neither warm nor cool", "cool"]);
  });
});

describe("the character of several colours", () => {
  it("is that of the one, for one", () => {
    fc.assert(
      fc.property(hexes, (hex) => {
        const shade = shadeOf(hex);
        const character = characterOf([{ shade, weight: 0.4 }]);
        expect(character?.depth).toBeCloseTo(shade.L, 6);
        expect(character?.temperature).toBeCloseTo(temperature(shade), 6);
        expect(character?.contrast).toBeCloseTo(0, 6);
        expect(character?.range).toBe(0);
      }),
    );
  });

  it("has a mean depth, a spread, and a range that leaves traces out", () => {
    const [black, white, grey] = ["#000000", "#ffffff", "#777777"].map(shadeOf);
    if (!black || !white || !grey) throw new Error("three shades");
    const half = characterOf([
      { shade: black, weight: 1 },
      { shade: white, weight: 1 },
    ]);
    expect(half?.depth).toBeCloseTo(50, 3);
    expect(half?.contrast).toBeCloseTo(50, 3);
    expect(half?.range).toBeCloseTo(100, 3);
    const trace = characterOf([
      { shade: grey, weight: 0.97 },
      { shade: white, weight: 0.03 },
    ]);
    expect(trace?.range).toBe(0);
    expect(characterOf([])).toBeNull();
  });
});
