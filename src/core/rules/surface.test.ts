import { describe, expect, it } from "vitest";
import type { Metal } from "../finish/metals";
import type { Piece } from "../piece/piece";
import { effectsOf, findingsOf } from "../testing/findings";
import { sample, sampleClient, sampleClientWith, sampleLook, sampleOccasion } from "../testing/sample";
import { limits } from "./comfort/limits";
import { oneBold } from "./finish/one-bold";
import { metal } from "./finish/metal";
import { openToe } from "./hosiery/open-toe";
import { occasion } from "./register/occasion";

describe("one bold surface", () => {
  const patent = sample("shoe", { name: "patent pumps", finish: "patent" });
  const bag = (finish: Piece["finish"]) => sample("bag", { name: "bag", finish });

  it.each([
    ["velvet", "jars"],
    ["brushed", undefined],
    ["matte smooth", undefined],
    ["metallic", undefined],
    ["reptile print", "rubs"],
  ] as const)("lacquered patent with %s: %s", (finish, effect) => {
    expect(effectsOf(oneBold, sampleLook({ accessories: [patent, bag(finish)] }))[0]).toBe(effect);
  });

  it("is picked up by a quieter one of its kin", () => {
    const velvet = sample("jacket", { name: "velvet jacket", finish: "velvet" });
    const [finding] = findingsOf(
      oneBold,
      sampleLook({
        garments: [velvet],
        accessories: [sample("shoe", { name: "suede pumps", finish: "suede" })],
      }),
    );
    expect(finding).toMatchObject({ effect: "lifts", names: { echo: "suede pumps", lead: "velvet jacket" } });
  });

  it("jars outright at its boldest, or in three kins", () => {
    const sequin = sample("shoe", { name: "sequin mule", finish: "sequin" });
    const leopard = sample("bag", { name: "leopard bag", finish: "animal print" });
    expect(effectsOf(oneBold, sampleLook({ accessories: [sequin, leopard] }))).toEqual(["jars"]);
    const studded = sample("belt", { name: "studded belt", finish: "stud" });
    const reptile = sample("bag", { name: "bag", finish: "reptile print" });
    expect(effectsOf(oneBold, sampleLook({ accessories: [patent, reptile, studded] }))).toEqual(["jars"]);
  });
});

describe("the metal story", () => {
  const piece = (kind: "watch" | "bag" | "earrings" | "belt", of: Metal, metalSize: 1 | 2 | 3 = 2) =>
    sample(kind, { name: `${of} ${kind}`, metal: of, metalSize }) as Piece;
  const story = (...accessories: Piece[]) => sampleLook({ accessories });

  it("names the piece that breaks it", () => {
    const raincoat = sample("coat", { name: "brass-toggled raincoat", metal: "brass", metalSize: 2 });
    const look = sampleLook({
      garments: [raincoat],
      accessories: [piece("watch", "steel", 1), piece("bag", "gold")],
    });
    const [finding] = findingsOf(metal, look);
    expect(finding).toMatchObject({ effect: "rubs", names: { strays: "steel watch" } });
  });

  it("jars when the stray is plain to see", () => {
    expect(
      effectsOf(metal, story(piece("bag", "gold"), piece("belt", "gold"), piece("watch", "steel"))),
    ).toEqual(["jars"]);
  });

  it("is bridged by a two-tone piece, or by two of each, unless the school wants one metal", () => {
    const twoTone = [piece("bag", "gold"), piece("watch", "steel"), piece("belt", "two-tone")];
    expect(effectsOf(metal, story(...twoTone))).toEqual(["note"]);
    const look = { ...story(...twoTone), client: sampleClientWith({}, { metals: "one metal" }) };
    expect(effectsOf(metal, look)).toEqual(["jars"]);
    expect(effectsOf(metal, { ...look, client: sampleClientWith({}, { metals: "free" }) })).toEqual([]);
  });

  it("does not read a metal nobody has looked at", () => {
    expect(effectsOf(metal, story(piece("bag", "unknown"), piece("watch", "steel")))).toEqual(["unread"]);
  });

  it("is praised from three pieces on", () => {
    expect(
      effectsOf(
        metal,
        story(piece("bag", "silver"), piece("watch", "steel"), piece("earrings", "silver", 3)),
      ),
    ).toEqual(["lifts"]);
  });
});

describe("hosiery in an open toe", () => {
  const sandal = sample("shoe", { name: "sandals", figures: { form: "sandal", toe: "open" } });
  const tights = (toe: "reinforced" | "sheer" | "open") =>
    sample("hosiery", { name: "tights", figures: { toe } });

  it.each([
    ["reinforced", "never", ["jars"]],
    ["sheer", "never", ["jars"]],
    ["sheer", "sheer toe allowed", ["note"]],
    ["reinforced", "sheer toe allowed", ["jars"]],
    ["open", "never", []],
  ] as const)("a %s toe under the school %s", (toe, school, effects) => {
    const look = sampleLook({
      client: sampleClientWith({}, { openToe: school }),
      accessories: [sandal, tights(toe)],
    });
    expect(effectsOf(openToe, look)).toEqual(effects);
  });

  it("says nothing of a closed shoe", () => {
    expect(effectsOf(openToe, sampleLook({ accessories: [sample("shoe"), tights("reinforced")] }))).toEqual(
      [],
    );
  });
});

describe("the level of the occasion", () => {
  const at = (level: number, flags: typeof sampleOccasion.flags = []) =>
    sampleLook({
      garments: [
        sample("dress", {
          name: "dress",
          register: { low: level, centre: level, high: level },
          figures: { sleeve: "none" },
        }),
      ],
      accessories: [
        sample("shoe", {
          name: "trainers",
          register: { low: level, centre: level, high: level },
          figures: { form: "trainer", toe: "open" },
        }),
      ],
      occasion: { ...sampleOccasion, flags },
    });

  it.each([
    [3, "rubs"],
    [2, "jars"],
    [4, "lifts"],
    [6.2, "lifts"],
    [7, "rubs"],
    [9, "jars"],
  ])("level %d at an occasion of 4 to 6 %s", (level, effect) => {
    expect(effectsOf(occasion, at(level))).toEqual([effect]);
  });

  it("bars what the dress code forbids, piece by piece", () => {
    const findings = findingsOf(
      occasion,
      at(5, ["closed toe", "no trainers", "covered shoulders", "hosiery expected"]),
    );
    expect(findings.filter(({ effect }) => effect === "bar").map(({ pieces }) => pieces)).toEqual([
      ["trainers"],
      ["trainers"],
      ["dress"],
      [],
    ]);
  });
});

describe("what else a dress code may ask", () => {
  const at = (flags: typeof sampleOccasion.flags, light: "daylight" | "evening", ...accessories: Piece[]) =>
    effectsOf(
      occasion,
      sampleLook({
        garments: [sample("dress", { name: "dress", register: { low: 4, centre: 5, high: 6 } })],
        accessories,
        occasion: { ...sampleOccasion, flags, light },
      }),
    ).filter((effect) => effect === "bar").length;
  const heels = (tip: "slim" | "flat", quiet = false) =>
    sample("shoe", { name: "heels", figures: { tip, quiet } });

  it.each([
    ["a hard heel where soles are quiet", at(["quiet soles"], "daylight", heels("slim")), 1],
    ["a flat there", at(["quiet soles"], "daylight", heels("flat")), 0],
    ["a heel on rubber there", at(["quiet soles"], "daylight", heels("slim", true)), 0],
    [
      "sparkle by day",
      at(["no sparkle before evening"], "daylight", sample("bag", { name: "case", finish: "crystal" })),
      1,
    ],
    [
      "sparkle in the evening",
      at(["no sparkle before evening"], "evening", sample("bag", { name: "case", finish: "crystal" })),
      0,
    ],
    ["a bare head where it is covered", at(["head covered"], "daylight"), 1],
    ["a hat there", at(["head covered"], "daylight", sample("hat", { name: "hat" })), 0],
  ])("%s", (_, bars, expected) => {
    expect(bars).toBe(expected);
  });
});

describe("the client's own limits", () => {
  it("bar a heel over the limit, pierced earrings for clips, and a bare ankle", () => {
    const client = {
      ...sampleClient,
      limits: { ...sampleClient.limits, heel: 5, clipEarrings: true, coveredAnkles: true },
    };
    const heel = sample("shoe", { name: "pumps", figures: { lift: 6.5, platform: 0.5 } });
    const earrings = sample("earrings", { name: "earrings", figures: { closure: "pierced" } });
    const skirt = sample("skirt", { name: "skirt" });
    const findings = findingsOf(
      limits,
      sampleLook({ client, garments: [skirt], accessories: [heel, earrings] }),
    );
    expect(findings.map(({ effect }) => effect)).toEqual(["bar", "bar", "bar"]);
    expect(findings[0]?.figures.pitch?.value).toBe(6);
    const platform = sample("shoe", { name: "platforms", figures: { lift: 6.5, platform: 2 } });
    expect(effectsOf(limits, sampleLook({ client, accessories: [platform] }))).toEqual([]);
  });

  it("bar leather and nickel, and ask where nickel is not known", () => {
    const client = {
      ...sampleClient,
      limits: { ...sampleClient.limits, noLeather: true, nickelAllergy: true },
    };
    const bag = sample("bag", { name: "bag", figures: { leather: true } });
    const earrings = (nickel: "not known" | "free of it" | "contained") =>
      sample("earrings", { name: "earrings", metal: "steel", figures: { nickel } });
    const effects = (...accessories: Piece[]) => effectsOf(limits, sampleLook({ client, accessories }));
    expect(effects(bag)).toEqual(["bar"]);
    expect(effects(earrings("contained"))).toEqual(["bar"]);
    expect(effects(earrings("not known"))).toEqual(["unread"]);
    expect(effects(earrings("free of it"))).toEqual([]);
  });
});
