import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { bodyOf } from "../body/body";
import { namedFolds } from "./folds";
import { girthsOf } from "./girths";
import { countedAlong, gridOf } from "./grid";
import { corners } from "./laid-out";
import { mapOf, pictureOf } from "./picture";
import { shownColours } from "./shown";
import { tieOf, type Cloth, type TieAsked } from "./tied";
import { tieNames, tieSpec, type TieName } from "./ties";
import { tiePlaces } from "./ties/define-tie";
import { tieAsked as asked } from "../testing/tie-asked";
import { tiesShowing } from "./wanted";

const girths = girthsOf(bodyOf({ height: 170, neck: 36, waist: 74, hip: 100, bust: 92, wrist: 16 }));
const square = (side: number, given: Partial<Cloth> = {}): Cloth => ({
  sideA: side,
  sideB: side,
  thickness: 0.14,
  stiffness: 0.4,
  loop: false,
  ...given,
});
const oblong: Cloth = { ...square(200), sideB: 60 };
const loop: Cloth = { ...oblong, loop: true };
const shawl = square(150);
const quarters = pictureOf(
  ["#111111", "#eeeeee", "#aa3311", "#117744"],
  [
    [0, 1],
    [2, 3],
  ],
);

/** A cloth that is large enough for a tie, with its fold. */
function fitting(tie: TieName): readonly [Cloth, TieAsked] {
  for (const cloth of [square(90), shawl, oblong, loop])
    for (const fold of tieSpec(tie).folds) {
      const so = asked(tie, { fold });
      if (tieOf(cloth, so, girths).possible) return [cloth, so];
    }
  throw new Error(`no cloth reaches for ${tie}`);
}

describe("every tie", () => {
  it("has a place of its own among all places", () => {
    expect(tieNames.length).toBeGreaterThan(35);
    for (const place of tiePlaces)
      expect(
        tieNames.some((tie) => tieSpec(tie).place === place),
        place,
      ).toBe(true);
    expect(new Set(tieNames.map((tie) => tieSpec(tie).name)).size).toBe(tieNames.length);
  });

  it.each(tieNames)("%s can be done with some cloth, and shows stretches of it", (tie) => {
    const [cloth, so] = fitting(tie);
    const answer = tieOf(cloth, so, girths);
    if (!answer.possible) throw new Error("it was possible a moment ago");
    const { parts, length, falls } = answer.tied;
    expect(parts.length).toBeGreaterThan(0);
    for (const { from, to } of parts) {
      expect(from).toBeGreaterThanOrEqual(0);
      expect(to).toBeLessThanOrEqual(length + 1e-9);
      expect(to).toBeGreaterThan(from);
    }
    expect(falls).toBeGreaterThanOrEqual(0);
    const shows = shownColours(cloth, quarters, so, answer.tied);
    expect(shows.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 6);
  });

  it.each(tieNames)("%s is told in steps that end a sentence", (tie) => {
    const { steps, goesWith, folds } = tieSpec(tie);
    expect(steps.length).toBeGreaterThanOrEqual(2);
    for (const step of steps) expect(step).toMatch(/^[A-Z].*\.$/);
    expect(goesWith).not.toBe("");
    for (const fold of folds) expect(namedFolds[fold].steps).toBeTypeOf("function");
  });

  it.each(tieNames)("%s reaches with a longer cloth wherever it reaches with a shorter one", (tie) => {
    const [cloth, so] = fitting(tie);
    fc.assert(
      fc.property(fc.double({ min: 1, max: 1.6, noNaN: true }), (more) => {
        const larger = { ...cloth, sideA: cloth.sideA * more, sideB: cloth.sideB * more };
        expect(tieOf(larger, so, girths).possible).toBe(true);
      }),
      { numRuns: 20 },
    );
  });

  it("turned round shows its other end first", () => {
    const straight = tieOf(square(90), asked("knot in front"), girths);
    const turned = tieOf(square(90), asked("knot in front", { turned: true }), girths);
    if (!straight.possible || !turned.possible) throw new Error("a square of 90 reaches");
    const left = (answer: typeof straight) => answer.tied.parts.find(({ place }) => place === "tail left");
    expect(left(turned)?.to).toBeCloseTo(straight.tied.length, 6);
    expect(left(straight)?.from).toBe(0);
  });

  it("that is refused says why", () => {
    const refusal = (cloth: Cloth, so: TieAsked) => {
      const answer = tieOf(cloth, so, girths);
      return answer.possible ? null : answer.refusal.why;
    };
    expect(refusal(square(45), asked("twice round"))).toBe("too short");
    expect(refusal(oblong, asked("knot in front"))).toBe("not a square");
    expect(refusal(square(90), asked("knot in front", { fold: "triangle" }))).toBe("not this fold");
    expect(refusal(oblong, asked("endless single"))).toBe("needs a loop");
    expect(refusal(loop, asked("knot in front", { fold: "straight band" }))).toBe("is a loop");
    expect(refusal(square(90), asked("knot in front"))).toBeNull();
  });

  it("is missing by what it is short: so much more, and it reaches", () => {
    const answer = tieOf(square(50), asked("twice round"), girths);
    if (answer.possible || answer.refusal.why !== "too short") throw new Error("a square of 50 is too short");
    const side = 50 + answer.refusal.short / Math.SQRT2;
    expect(tieOf(square(side + 2), asked("twice round"), girths).possible).toBe(true);
    expect(tieOf(square(side - 1), asked("twice round"), girths).possible).toBe(false);
  });
});

describe("a ring in place of the knot", () => {
  it("needs less, and by so much", () => {
    const answer = tieOf(square(50), asked("twice round"), girths);
    if (answer.possible || answer.refusal.why !== "too short") throw new Error("a square of 50 is too short");
    const { short, ringSaves } = answer.refusal;
    expect(ringSaves).toBeGreaterThan(1);
    expect(ringSaves).toBeLessThanOrEqual(short);
  });

  it("is no help where nothing is knotted", () => {
    const answer = tieOf({ ...oblong, sideA: 60 }, asked("once round", { fold: "wide band" }), girths);
    expect(answer).toMatchObject({ possible: false, refusal: { why: "too short", ringSaves: null } });
  });
});

describe("a wanted colour", () => {
  it.each([0, 1, 2, 3])("colour %i of four quarters shows for the most part in the best fold", (colour) => {
    const [best] = tiesShowing(square(90), quarters, girths, {
      show: new Set([colour]),
      ties: ["point tied behind", "knot in front", "knot aside"],
      band: 6,
      most: 3,
    });
    expect(best?.wanted).toBeGreaterThan(0.6);
  });

  it("is found at least as well as in any way that was tried by hand", () => {
    const wish = { show: new Set([2]), ties: ["knot in front"] as const, band: 6, most: 1 };
    const [best] = tiesShowing(square(90), quarters, girths, wish);
    for (const corner of corners)
      for (const face of ["right", "reverse"] as const) {
        const so = asked("knot in front", { corner, face });
        const answer = tieOf(square(90), so, girths);
        if (!answer.possible) continue;
        const shown = shownColours(square(90), quarters, so, answer.tied)
          .filter((each) => each.colour === 2 && each.face === "right")
          .reduce((sum, { share }) => sum + share, 0);
        expect(best?.wanted ?? 0).toBeGreaterThan(shown - 0.05);
      }
  });

  it("that the scarf has not is shown by none", () => {
    const offers = tiesShowing(square(90), quarters, girths, {
      show: new Set(),
      ties: ["knot in front"],
      band: 6,
      most: 3,
    });
    expect(offers.map(({ wanted }) => wanted)).toEqual([0]);
  });
});

describe("most of the picture, the right way up", () => {
  const scene = pictureOf(
    ["#88aacc", "#225533", "#ffcc44"],
    [
      [0, 0, 2, 0],
      [0, 0, 0, 0],
      [1, 1, 1, 1],
    ],
  );
  const seen = (cloth: Cloth, ties: readonly TieName[]) =>
    tiesShowing(cloth, scene, girths, { show: "picture", ties, band: 6, most: 5 });

  it("is shown by what lies open, not by a narrow band", () => {
    const [best, ...others] = seen(square(90), ["knot behind", "point tied behind"]);
    expect(best?.asked.tie).toBe("point tied behind");
    expect(best?.wanted).toBeGreaterThan(others[0]?.wanted ?? 1);
  });

  it("is kept upright: the same cloth with its picture upside down is begun from the opposite corner", () => {
    const upsideDown = pictureOf(
      scene.colours,
      [...mapOf(scene).rows].reverse().map((row) => [...row].reverse()),
    );
    const [one] = seen(square(90), ["point tied behind"]);
    const [other] = tiesShowing(square(90), upsideDown, girths, {
      show: "picture",
      ties: ["point tied behind"],
      band: 6,
      most: 1,
    });
    // The way up belongs to the cloth, whatever is drawn on it.
    expect(other?.asked).toEqual(one?.asked);
    expect(one?.wanted).toBeGreaterThan(0);
    expect(one?.wanted).toBeLessThanOrEqual(0.5);
  });
});

describe("the grid that drawings are coloured by", () => {
  it("agrees with the exact shares", () => {
    for (const fold of ["triangle", "bias band", "straight band", "two points"] as const) {
      const so = asked("knot in front", { fold });
      const grid = gridOf(square(90), quarters, so, [96, 24]);
      const counts = countedAlong(grid, 0, 1);
      const whole = [...counts.values()].reduce((sum, count) => sum + count, 0);
      const length = 1;
      const exact = shownColours(square(90), quarters, so, {
        parts: [{ place: "across", from: 0, to: 1, open: 1 }],
        length,
      });
      for (const { colour, face, share } of exact)
        expect((counts.get(colour * 2 + (face === "right" ? 0 : 1)) ?? 0) / whole, fold).toBeCloseTo(
          share,
          1,
        );
    }
  });
});
