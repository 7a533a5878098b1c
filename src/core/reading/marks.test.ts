import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { generatedLook } from "../testing/generated-look";
import { read } from "./read";
import { markOf, verdicts } from "./verdict";
import { byWorth, costsNothing, worthOf } from "./worth";

const score = fc.double({ min: 0, max: 100, noNaN: true });
const madeUp = () => Array.from({ length: 240 }, (_, seed) => read(generatedLook(900 + seed)));

describe("the mark beside a verdict", () => {
  it("is whole, and of no look higher than of one with a better verdict, whatever their scores", () => {
    fc.assert(
      fc.property(score, score, (one, other) => {
        const marks = verdicts.map((verdict, i) => markOf({ verdict, score: i % 2 ? one : other }));
        for (const mark of marks) expect(Number.isInteger(mark)).toBe(true);
        expect(marks).toEqual([...marks].sort((a, b) => b - a));
        expect(new Set(marks).size).toBe(verdicts.length);
      }),
    );
  });

  it("never falls with the score under one verdict", () => {
    fc.assert(
      fc.property(fc.constantFrom(...verdicts), score, score, (verdict, one, other) => {
        const [low, high] = [Math.min(one, other), Math.max(one, other)];
        expect(markOf({ verdict, score: low })).toBeLessThanOrEqual(markOf({ verdict, score: high }));
      }),
    );
  });

  it("still tells apart two looks that jar", () => {
    for (let of = 0; of <= 92; of += 4)
      expect(markOf({ verdict: "jars", score: of + 4 })).toBeGreaterThan(
        markOf({ verdict: "jars", score: of }),
      );
  });

  it("is the score itself for every generated look that sings", () => {
    const singing = madeUp().filter(({ verdict }) => verdict === "sings");
    expect(singing.length).toBeGreaterThan(3);
    for (const reading of singing) expect(markOf(reading)).toBe(Math.round(reading.score));
  });
});

describe("what a change is worth", () => {
  const fromTheFirst = () => {
    const readings = madeUp();
    const [now] = readings;
    if (!now) throw new Error("there is no look");
    return { now, changes: readings.map((reading) => ({ reading, worth: worthOf(now, reading) })) };
  };

  it("puts the better verdict first, then the higher mark, then the exact points", () => {
    const sorted = fromTheFirst().changes.sort(byWorth);
    sorted.forEach(({ reading, worth }, i) => {
      const next = sorted[i + 1];
      if (!next) return;
      expect(verdicts.indexOf(reading.verdict)).toBeLessThanOrEqual(verdicts.indexOf(next.reading.verdict));
      if (worth.after === next.worth.after)
        expect(reading.points).toBeGreaterThanOrEqual(next.reading.points - 1e-6);
      else expect(worth.after).toBeGreaterThan(next.worth.after);
    });
  });

  it("costs nothing only where neither a mark nor a point is lost", () => {
    const { now, changes } = fromTheFirst();
    for (const { reading, worth } of changes)
      expect(costsNothing(worth)).toBe(markOf(reading) >= markOf(now) && reading.points >= now.points);
  });
});
