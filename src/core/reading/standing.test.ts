import { describe, expect, it } from "vitest";
import type { Overruling } from "../studio/overruling";
import { madeFinding, named } from "../testing/made-finding";
import { sample, sampleLook } from "../testing/sample";
import { read, type Reading } from "./read";
import { standingOf } from "./standing";

const [bag, belt] = [sample("bag", { name: "bag" }), sample("belt", { name: "belt" })];
const metal = madeFinding({ rule: "finish.metal", lens: "finish", effect: "jars", of: named(bag, belt) });
const wet = madeFinding({ rule: "comfort.wet", lens: "comfort", effect: "rubs", of: named(bag) });
const clean = madeFinding({ rule: "proportion.gap", lens: "proportion", effect: "sings", weight: 2 });

/** A reading that finds these. */
const found = (...findings: Reading["findings"]): Reading => ({ ...read(sampleLook({})), findings });
const overruling = (given: Partial<Overruling> = {}): Overruling => ({
  id: "one",
  rule: metal.rule,
  effect: metal.effect,
  pieceIds: ["belt", "bag"],
  reason: "her father's watch",
  lookId: "look",
  ...given,
});

describe("what stands", () => {
  it("is the reading as it was computed where nothing of it is overruled", () => {
    const reading: Reading = { ...found(metal, clean), verdict: "jars", score: 12.3 };
    const of = { verdict: "jars", score: 12.3, overruled: [null, null] };
    expect(standingOf(reading, [])).toEqual(of);
    for (const other of [
      { rule: "finish.bold" },
      { effect: "rubs" as const },
      { pieceIds: ["bag"] },
      { lookId: null, rule: "finish.bold" },
      { lookId: null, effect: "rubs" as const },
    ])
      expect(standingOf(reading, [overruling(other)]), JSON.stringify(other)).toEqual(of);
  });

  it("is added up anew from what is left", () => {
    const one = overruling();
    expect(standingOf(found(metal, clean), [one])).toEqual({
      verdict: "sings",
      score: 86,
      overruled: [one, null],
    });
    expect(standingOf(found(metal, wet), [one])).toEqual({
      verdict: "sits",
      score: 66,
      overruled: [one, null],
    });
  });

  it("holds for a client of whichever pieces it was said, and for a look of those alone", () => {
    const always = overruling({ lookId: null, pieceIds: [] });
    expect(standingOf(found(metal), [always]).overruled).toEqual([always]);
    expect(standingOf(found(metal), [overruling({ pieceIds: [] })]).overruled).toEqual([null]);
  });
});
