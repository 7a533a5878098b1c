import { describe, expect, it } from "vitest";
import { madeFinding } from "../testing/made-finding";
import { reasonsOf, toMindOf } from "./on-paper";

describe("why a look goes together, on paper", () => {
  it("is what it is given most for: two reasons, the weightiest first", () => {
    const [small, large, middle] = [
      madeFinding({ rule: "colour.join", effect: "lifts", weight: 1 }),
      madeFinding({ rule: "colour.echo", effect: "sings", weight: 2 }),
      madeFinding({ rule: "style.story", effect: "lifts", weight: 3 }),
    ];
    expect(reasonsOf([small, large, middle])).toEqual([large, middle]);
  });

  it("is each by another rule, and nothing that is no praise", () => {
    const first = madeFinding({ effect: "sings", weight: 2 });
    const again = madeFinding({ effect: "sings", weight: 1 });
    const other = madeFinding({ rule: "style.story", effect: "lifts", weight: 0.5 });
    const note = madeFinding({ rule: "colour.join", effect: "note" });
    const rest = madeFinding({ rule: "finish.metal", effect: "lifts", weight: 0 });
    expect(reasonsOf([note, again, first, rest, other])).toEqual([first, other]);
    expect(reasonsOf([note, rest])).toEqual([]);
  });
});

describe("what to mind of a look, on paper", () => {
  const wet = madeFinding({ rule: "comfort.wet", lens: "comfort", effect: "rubs" });
  const sinks = madeFinding({ rule: "comfort.ground", lens: "comfort", effect: "jars" });
  const caution = madeFinding({ rule: "comfort.limits", effect: "note", caution: "Ask her doctor." });

  it("is what weather and comfort have against it and what comes with a caution, the worst first", () => {
    const dry = madeFinding({ rule: "comfort.wet", lens: "comfort", effect: "lifts" });
    const clash = madeFinding({ rule: "colour.harmony", lens: "colour", effect: "bar" });
    expect(toMindOf([caution, dry, wet, clash, sinks])).toEqual([sinks, wet, caution]);
  });

  it("is three things at most", () => {
    const bar = madeFinding({ rule: "comfort.foot-time", lens: "comfort", effect: "bar" });
    expect(toMindOf([wet, caution, sinks, bar])).toEqual([bar, sinks, wet]);
  });
});
