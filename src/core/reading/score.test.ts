import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { lenses, type Effect, type Finding } from "../rules/finding";
import { madeFinding } from "../testing/made-finding";
import { pointsByLens, pointsIn, scoreFrom, scoreOf } from "./score";

const finding = (lens: Finding["lens"], effect: Effect, weight = 1) => madeFinding({ lens, effect, weight });
const pointsOf = (lens: Finding["lens"], findings: readonly Finding[]) =>
  pointsByLens(findings)[lenses.indexOf(lens)];

describe("what findings add up to", () => {
  it("is 70 without any, and four for each point more or less", () => {
    expect(scoreOf([])).toBe(70);
    expect(scoreOf([finding("colour", "lifts")])).toBe(74);
    expect(scoreOf([finding("colour", "rubs")])).toBe(66);
    expect(scoreOf([finding("colour", "note")])).toBe(70);
  });

  it("stays between nothing and a hundred, to a tenth", () => {
    expect(scoreFrom(40)).toBe(100);
    expect(scoreFrom(-40)).toBe(0);
    expect(scoreFrom(0.333)).toBe(71.3);
  });

  it("counts the second praise of a lens half and the third a third, the strongest first", () => {
    const praise = [
      finding("style", "lifts"),
      finding("style", "sings", 3),
      finding("style", "sings"),
      finding("style", "rubs"),
      finding("style", "jars"),
    ];
    expect(pointsOf("style", praise)).toBeCloseTo(6 + 2 / 2 + 1 / 3 - 1 - 3, 12);
    expect(pointsIn([...praise, finding("care", "lifts")])).toBeCloseTo(6 + 1 + 1 / 3 - 4 + 1, 12);
  });

  it("does not depend on the order in which they are said", () => {
    const effects = fc.constantFrom<Effect>("bar", "jars", "rubs", "note", "unread", "lifts", "sings");
    const lens = fc.constantFrom<Finding["lens"]>("colour", "style", "care");
    const some = fc.array(fc.tuple(lens, effects, fc.integer({ min: 1, max: 4 })), { maxLength: 8 });
    fc.assert(
      fc.property(some, (given) => {
        const findings = given.map(([of, effect, weight]) => finding(of, effect, weight));
        expect(pointsIn([...findings].reverse())).toBeCloseTo(pointsIn(findings), 9);
      }),
      { numRuns: 60 },
    );
  });

  it("leaves out a lens of which nothing could be read, and keeps one with a mere note at nought", () => {
    const findings = [finding("colour", "unread"), finding("finish", "note")];
    expect(pointsOf("colour", findings)).toBeNull();
    expect(pointsOf("finish", findings)).toBe(0);
    expect(pointsByLens(findings)).toHaveLength(lenses.length);
    expect(pointsOf("colour", [finding("colour", "unread"), finding("colour", "lifts")])).toBe(1);
  });
});
