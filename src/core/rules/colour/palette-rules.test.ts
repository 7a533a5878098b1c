import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Piece } from "../../piece/piece";
import type { Look } from "../../piece/look";
import { read } from "../../reading/read";
import { effectsOf, findingsOf } from "../../testing/findings";
import { tied } from "../../testing/rule-cases/made";
import { sample, sampleClient, sampleClientWith, sampleLook, sampleOccasion } from "../../testing/sample";
import { count } from "./count";
import { denim } from "./denim";
import { foot } from "./foot";
import { hardContrast } from "./hard-contrast";
import { colourLine as line } from "../proportion/colour-line";
import { pocket } from "./pocket";
import { valueMatch } from "./value-match";

const trousers = (hex: string, more: object = {}) =>
  sample("trousers", { name: "trousers", hex, figures: { inseam: 73 }, ...more });
const top = (hex: string, more: object = {}) =>
  sample("top", { name: "top", hex, figures: { tucked: true }, ...more });
const shoe = (hex: string, more: object = {}) => sample("shoe", { name: "shoes", hex, ...more });
const bag = (hex: string, more: object = {}) => sample("bag", { name: "bag", hex, ...more });
const look = (garments: Piece[], accessories: Piece[] = [], rest: Partial<Look> = {}) =>
  sampleLook({ garments, accessories, ...rest });

describe("two blocks far apart in depth", () => {
  const iceOverNavy = [trousers("#141416"), top("#e6eef6")];

  it("are too hard when nothing joins them and the dark is met nowhere again", () => {
    expect(effectsOf(hardContrast, look(iceOverNavy, [shoe("#f4f5f6")]))).toEqual(["rubs"]);
  });

  it("leave a white shirt over denim or navy alone", () => {
    expect(effectsOf(hardContrast, look([trousers("#2f4460"), top("#f7f9fb")], [shoe("#f4f5f6")]))).toEqual(
      [],
    );
    expect(effectsOf(hardContrast, look([trousers("#1c2640"), top("#f7f9fb")], [shoe("#f4f5f6")]))).toEqual(
      [],
    );
  });

  it.each([
    ["the dark at the foot", [shoe("#1a1a1e")]],
    ["the dark in two small places", [shoe("#f4f5f6"), bag("#1a1a1e"), sample("belt", { hex: "#16181f" })]],
    ["a tone between them", [shoe("#f4f5f6"), bag("#7b8896", { figures: { width: 40 } })]],
  ])("are joined by %s", (_, accessories) => {
    expect(effectsOf(hardContrast, look(iceOverNavy, accessories as Piece[]))).toEqual([]);
  });

  it("are judged more softly by daylight in summer", () => {
    const softer = look([trousers("#35373b"), top("#d3dbe3")], [shoe("#f4f5f6")]);
    const at = (day: string, light: "daylight" | "evening") => ({
      ...softer,
      occasion: { ...sampleOccasion, day, light },
    });
    expect(effectsOf(hardContrast, at("2026-07-01", "daylight"))).toEqual(["rubs"]);
    expect(effectsOf(hardContrast, at("2026-11-01", "daylight"))).toEqual([]);
    expect(effectsOf(hardContrast, at("2026-07-01", "evening"))).toEqual([]);
  });
});

describe("how many colours", () => {
  const three = look([trousers("#1d5b34"), top("#5b2f74")], [shoe("#f2d53c")]);

  it.each([
    ["at most two", ["rubs"]],
    ["at most three", []],
    ["at most four", []],
  ] as const)("three of them under the school %s", (colours, effects) => {
    expect(effectsOf(count, { ...three, client: sampleClientWith({}, { colours }) })).toEqual(effects);
  });

  it("counts the neutrals of one temperature as one", () => {
    const warm = look([trousers("#5a3b26"), top("#efe6cf")], [shoe("#b98e5f"), bag("#d8c6a4")]);
    expect(findingsOf(count, warm)).toMatchObject([{ effect: "lifts", words: { colours: "warm neutrals" } }]);
  });

  it("calls one colour of one depth and one surface flat", () => {
    const flat = look([trousers("#808285"), top("#828487")], [shoe("#7e8083")]);
    expect(effectsOf(count, flat)).toEqual(["note"]);
    const alive = look([trousers("#808285"), top("#828487", { finish: "satin" })], [shoe("#7e8083")]);
    expect(effectsOf(count, alive)).toEqual(["lifts"]);
  });
});

describe("the depth of the foot", () => {
  it.each([
    ["a dark top over light trousers, white shoes", "#2a1a2c", "#e9e2d2", "#ffffff", ["rubs"]],
    ["the dark carried to the foot", "#2a1a2c", "#e9e2d2", "#33203a", ["lifts"]],
    ["pale clothes and black shoes", "#dfe9d2", "#e9e2d2", "#141416", ["rubs"]],
    ["pale clothes and tan shoes", "#dfe9d2", "#e9e2d2", "#b98e5f", ["lifts"]],
    ["skin-tone shoes under pale clothes", "#dfe9d2", "#e9e2d2", "#d9b08c", ["lifts"]],
    ["all darks and white shoes", "#2a2c31", "#232529", "#f6f6f6", ["rubs"]],
  ] as const)("%s", (...[, over, under, foots, effects]) => {
    expect(effectsOf(foot, look([trousers(under), top(over)], [shoe(foots)]))).toEqual(effects);
  });

  it("lets a light shoe have the company of another light", () => {
    const darks = [trousers("#232529"), top("#2a2c31")];
    expect(effectsOf(foot, look(darks, [shoe("#f6f6f6"), bag("#efe6d2")]))).toEqual([]);
  });

  it("is of no account where a hem on the floor covers the shoe", () => {
    const gown = (length: number) => sample("dress", { name: "dress", hex: "#dfe9d2", figures: { length } });
    const black = shoe("#141416", { figures: { lift: 1 } });
    expect(effectsOf(foot, look([gown(110)], [black]))).toEqual(["rubs"]);
    expect(effectsOf(foot, look([gown(150)], [black]))).toEqual([]);
  });

  it("is answered by a pale collar in the neck of a dark knit", () => {
    const knit = top("#2b2c30", {
      name: "knit",
      finish: "knit",
      figures: { neckline: "crew", tucked: true },
    });
    const collar = top("#cfe0ee", { name: "collar", figures: { neckline: "shirt collar", tucked: true } });
    const dark = trousers("#2b2c30");
    expect(effectsOf(foot, look([dark, knit], [shoe("#f6f6f6")]))).toEqual(["rubs"]);
    expect(effectsOf(foot, look([dark, collar, knit], [shoe("#f6f6f6")]))).toEqual([]);
  });
});

describe("shoe and bag", () => {
  it.each([
    ["of one depth and temperature", "#6d3f26", "#8f5733", "lifts", []],
    ["far apart in depth", "#141416", "#f4f5f6", "rubs", ["depth"]],
    ["one warm and one cool", "#b98e5f", "#6f93b8", "rubs", ["temperature"]],
    ["one clear and one muted", "#1f4fb4", "#5f4f78", "rubs", ["clarity"]],
  ] as const)("%s", (...[, foots, carried, effect, by]) => {
    const [finding] = findingsOf(valueMatch, look([], [shoe(foots), bag(carried)]));
    expect(finding?.effect).toBe(effect);
    expect(Object.keys(finding?.figures ?? {})).toEqual(expect.arrayContaining([...by]));
  });

  it("hold together when one of high contrast holds both depths", () => {
    const spectator = shoe("#141416", {
      swatches: [
        { hex: "#141416", share: 0.5, role: "ground" },
        { hex: "#f4f5f6", share: 0.5, role: "trim" },
      ],
    });
    const [finding] = findingsOf(valueMatch, look([], [spectator, bag("#f1f2f3")]));
    expect(Object.keys(finding?.figures ?? {})).not.toContain("depth");
  });

  it("must be of one colour where that is the school", () => {
    const pair = (carried: string) => ({
      ...look([], [shoe("#6d3f26"), bag(carried)]),
      client: sampleClientWith({}, { shoeBag: "matched" }),
    });
    expect(effectsOf(valueMatch, pair("#8f5733"))).toEqual(["rubs"]);
    expect(effectsOf(valueMatch, pair("#6f4128"))).toEqual(["lifts"]);
  });

  it("agree or part the same way whichever is named first", () => {
    const hexes = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, "0")}`);
    fc.assert(
      fc.property(hexes, hexes, (one, other) => {
        const there = effectsOf(valueMatch, look([], [shoe(one), bag(other)]));
        const back = effectsOf(valueMatch, look([], [shoe(other), bag(one)]));
        expect(back).toEqual(there);
      }),
      { numRuns: 60 },
    );
  });
});

describe("the longest run of one colour", () => {
  const charcoal = look(
    [trousers("#3c3e43", { figures: { inseam: 78 } }), top("#e9e2d2")],
    [shoe("#3c3e43")],
  );

  it("is reported to everybody and praised where it was asked for", () => {
    expect(effectsOf(line, charcoal)).toEqual(["note"]);
    const asked = sampleClientWith({ goals: { ...sampleClient.goals, longerLegLine: true } });
    const [finding] = findingsOf(line, { ...charcoal, client: asked });
    expect(finding?.effect).toBe("lifts");
    expect(finding?.figures.share?.value).toBeGreaterThan(0.5);
  });

  it("stops at a shoe of another colour", () => {
    const run = (of: Look) => findingsOf(line, of)[0]?.figures.run?.value ?? 0;
    const broken = look([trousers("#3c3e43", { figures: { inseam: 78 } })], [shoe("#f4f5f6")]);
    expect(run(broken)).toBeLessThan(run(charcoal));
  });

  it("goes on over bare skin into a skin-tone shoe only", () => {
    const skirt = sample("skirt", { name: "skirt", hex: "#141c33", figures: { length: 40 } });
    const run = (hex: string) => findingsOf(line, look([skirt], [shoe(hex)]))[0]?.figures.run?.value ?? 0;
    expect(run("#d9b08c")).toBeGreaterThan(run("#141416"));
    // What may be her skin is not praised for being it.
    const unsaid = sampleClientWith({ colouring: { ...sampleClient.colouring, skin: null } });
    const [finding] = findingsOf(line, { ...look([skirt], [shoe("#d9b08c")]), client: unsaid });
    expect(finding?.figures.run?.value).toBe(run("#141416"));
  });
});

describe("denim with denim", () => {
  const legs = trousers("#33425f", { finish: "denim" });
  const jacket = (hex: string) =>
    sample("jacket", { name: "denim jacket", hex, finish: "denim", figures: { closed: true } });

  it.each([
    ["#33425f", "free tones", ["lifts"]],
    ["#7d95b6", "free tones", ["note"]],
    ["#2f4f6a", "free tones", ["rubs"]],
    ["#7d95b6", "same wash", ["jars"]],
    ["#34435f", "same wash", ["lifts"]],
  ] as const)("a jacket of %s under the school %s", (hex, school, effects) => {
    const worn = { ...look([legs, jacket(hex)]), client: sampleClientWith({}, { denim: school }) };
    expect(effectsOf(denim, worn)).toEqual(effects);
  });
});

describe("an orphan colour", () => {
  it("never raises the colour lens", () => {
    const base = look([trousers("#3c3e43"), top("#c9cdd2")], [shoe("#4c5562"), bag("#515a67")]);
    const colourOf = (of: Look) => read(of).lenses.find(({ lens }) => lens === "colour")?.score ?? 70;
    const before = colourOf({
      ...base,
      accessories: [...base.accessories, sample("scarf", { hex: "#515a67" })],
    });
    const orphans = fc.constantFrom("#7a3b1f", "#6b6a36", "#96523a", "#8d3f26", "#5f6238", "#7d2438");
    fc.assert(
      fc.property(orphans, (hex) => {
        const after = colourOf({ ...base, accessories: [...base.accessories, sample("scarf", { hex })] });
        expect(after).toBeLessThanOrEqual(before);
      }),
    );
  });
});

describe("a pocket square", () => {
  const jacket = sample("jacket", { name: "jacket", poles: ["tailored"] });
  const square = sample("pocket square", { name: "square", hex: "#7a1f2b" });
  const scarf = sample("scarf", { name: "scarf", hex: "#7a1f2b" });
  const suited = look([trousers("#3c3e43"), top("#f7f9fb"), jacket], [square, scarf, bag("#17181a")]);

  it("is a copy of the scarf at the neck, and of none that is tied to the bag", () => {
    expect(findingsOf(pocket, suited)).toMatchObject([{ message: "copy", effect: "note" }]);
    expect(findingsOf(pocket, { ...suited, ...tied("bow on the bag") })).toEqual([]);
  });
});
