import { describe, expect, it } from "vitest";
import type { Piece } from "../../piece/piece";
import type { Pole } from "../../style/poles";
import { storyOf } from "../../style/story";
import { defaultSchools } from "../../rule-book/schools";
import { effectsOf, findingsOf } from "../../testing/findings";
import { sample, sampleClient, sampleLook } from "../../testing/sample";
import { tied } from "../../testing/rule-cases/made";
import { focal } from "./focal";
import { oneLead } from "./one-lead";
import { scale } from "./scale";
import { story } from "./story";

type Statement = Piece["statement"];
const piece = (
  kind: "shoe" | "bag" | "earrings" | "belt" | "scarf",
  poles: Pole[],
  statement: Statement = 0,
) => sample(kind, { name: kind, poles, statement }) as Piece;

describe("the story of a set", () => {
  it.each([
    ["shared by all", [["sport"], ["sport"], ["sport", "minimal"]], "shared"],
    ["shared by half", [["sport"], ["sport"], ["gala"], ["rugged"]], "shared"],
    ["one against the rest", [["tailored"], ["romantic"]], "contrast"],
    ["two against two", [["minimal"], ["minimal"], ["bohemian"], ["bohemian"]], "contrast"],
    ["three ways", [["sport"], ["romantic"], ["rugged"]], "unrelated"],
    ["two ways that are no opposites", [["sport"], ["romantic"]], "unrelated"],
  ] as const)("%s", (_, poles, kind) => {
    const kinds = ["shoe", "bag", "earrings", "belt"] as const;
    const set = poles.map((each, i) => piece(kinds[i] ?? "scarf", [...each]));
    expect(storyOf(set).kind).toBe(kind);
  });

  it("is no contrast when both sides shout", () => {
    const set = [
      piece("shoe", ["tailored"], 2),
      piece("bag", ["romantic"], 2),
      piece("belt", ["tailored"], 2),
    ];
    expect(storyOf(set).kind).toBe("shared");
    expect(storyOf([piece("shoe", ["tailored"], 3), piece("bag", ["romantic"], 3)]).kind).toBe("unrelated");
  });

  it("jars in three ways, rubs in two, and lets quiet company pass", () => {
    const read = (...accessories: Piece[]) => effectsOf(story, sampleLook({ accessories }));
    expect(read(piece("shoe", ["sport"]), piece("bag", ["gala"], 1), piece("belt", ["rugged"]))).toEqual([
      "jars",
    ]);
    expect(read(piece("shoe", ["sport"]), piece("bag", ["romantic"]))).toEqual(["rubs"]);
    expect(read(piece("shoe", ["sport"]), piece("bag", ["classic"]))).toEqual([]);
    expect(read(piece("shoe", ["tailored"]), piece("bag", ["romantic"]))).toEqual(["lifts"]);
  });
});

describe("who leads", () => {
  const read = (...accessories: Piece[]) => effectsOf(oneLead, sampleLook({ accessories }));

  it("is one piece, or a second that answers from elsewhere, and never a crowd", () => {
    expect(read(piece("shoe", ["sport"], 1))).toEqual([]);
    expect(read(piece("shoe", ["gala"], 2))).toEqual(["lifts"]);
    expect(read(piece("shoe", ["gala"], 2), piece("earrings", ["gala"], 2))).toEqual(["note"]);
    const satin = sample("scarf", { name: "scarf", poles: ["gala"], statement: 2, finish: "satin" });
    expect(read(satin, piece("earrings", ["gala"], 2))).toEqual(["rubs"]);
    expect(
      read(piece("shoe", ["gala"], 2), piece("earrings", ["gala"], 2), piece("bag", ["gala"], 3)),
    ).toEqual(["jars"]);
  });

  it("may be three where ornament is layered", () => {
    const layered = {
      ...sampleClient,
      ruleBook: {
        ...sampleClient.ruleBook,
        schools: { ...defaultSchools, ornament: "layered" as const },
      },
    };
    const three = [piece("shoe", ["gala"], 2), piece("earrings", ["gala"], 2), piece("bag", ["gala"], 3)];
    expect(effectsOf(oneLead, sampleLook({ client: layered, accessories: three }))).toEqual(["note"]);
  });
});

describe("heavy with heavy", () => {
  const shoe = (soleBulk: "fine" | "heavy", poles: Pole[] = ["classic"]) =>
    sample("shoe", { name: "shoe", poles, figures: { soleBulk } });
  const bag = (width: number, height: number, poles: Pole[] = ["classic"]) =>
    sample("bag", { name: "bag", poles, figures: { width, height } });
  const read = (...accessories: Piece[]) => effectsOf(scale, sampleLook({ accessories }));

  it.each([
    ["a heavy sole and a dainty bag", shoe("heavy"), bag(14, 10), ["rubs"]],
    ["a fine sole and a large tote", shoe("fine"), bag(44, 34), ["rubs"]],
    ["a heavy sole and a large tote", shoe("heavy"), bag(44, 34), []],
    ["a contrast on purpose", shoe("heavy", ["rugged"]), bag(14, 10, ["classic"]), []],
  ] as const)("%s", (_, one, other, effects) => {
    expect(read(one, other)).toEqual(effects);
  });

  it("says how large the bag is on this body", () => {
    const [finding] = findingsOf(scale, sampleLook({ accessories: [shoe("heavy"), bag(14, 10)] }));
    expect(finding?.figures.share?.value).toBeCloseTo(Math.hypot(14, 10) / 174, 6);
  });
});

describe("what leads at the face", () => {
  const speaking = { statement: 2 as const };
  const scarf = sample("scarf", { name: "scarf", ...speaking });
  const leading = [
    sample("earrings", { name: "earrings", ...speaking }),
    scarf,
    sample("bag", { name: "bag" }),
  ];

  it("is a scarf at the neck, and none that is tied to the bag", () => {
    const look = sampleLook({ garments: [sample("dress", { name: "dress" })], accessories: leading });
    expect(effectsOf(focal, look)).toEqual(["rubs"]);
    expect(effectsOf(focal, { ...look, ...tied("bow on the bag") })).toEqual([]);
  });

  it("is a brooch on the lapel, and none at the waist", () => {
    const brooch = sample("brooch", { name: "brooch", ...speaking });
    const accessories = [sample("necklace", { name: "necklace", ...speaking }), brooch];
    const pinnedTo = (at: "lapel" | "waist") =>
      sampleLook({
        garments: [sample("dress", { name: "dress" })],
        accessories,
        adjustments: [{ kind: "pinned", piece: "brooch", at }],
      });
    expect(effectsOf(focal, pinnedTo("lapel"))).toEqual(["rubs"]);
    expect(effectsOf(focal, pinnedTo("waist"))).toEqual([]);
  });
});
