import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { scarfAnswers, type FoldAnswer } from "./scarf-file";

const read = (name: string) => readFileSync(`tests/cases/${name}.json`, "utf8");

interface CaseFile<Expected> {
  readonly maps: object;
  readonly cases: readonly { readonly id: string; readonly expect: Expected }[];
}

/** What the shares of the file are good to; both they and the answers are rounded to thousandths. */
const goodTo = 0.0205;
/**
 * They were counted by points, and a point that lies exactly on a fold was taken as not folded. Of an end, where
 * little is seen, those points are up to 0.033 in six of the cases; counted exactly they are nothing.
 */
const goodToAtAnEnd = 0.034;
const smallPart = 0.18;

describe("a file of folded cloths", () => {
  const { cases } = JSON.parse(read("folds")) as CaseFile<FoldAnswer>;
  const answers = scarfAnswers(read("folds")) as readonly FoldAnswer[];

  it("is answered case by case", () => {
    expect(answers).toHaveLength(cases.length);
  });

  it.each(cases.map(({ id, expect: wanted }, i) => [id, wanted, answers[i]] as const))(
    "%s",
    (_, wanted, found) => {
      expect(found?.length).toBeCloseTo(wanted.length, 0);
      expect(found?.width).toBeCloseTo(wanted.width, 0);
      wanted.shares.forEach(({ view, part, colours }, i) => {
        const own = found?.shares[i];
        expect(own).toMatchObject({ view, part });
        for (const name of new Set([...Object.keys(colours), ...Object.keys(own?.colours ?? {})]))
          expect(
            Math.abs((own?.colours[name] ?? 0) - (colours[name] ?? 0)),
            `${view} ${part.join()} ${name}`,
          ).toBeLessThan(part[1] - part[0] < smallPart ? goodToAtAnEnd : goodTo);
      });
    },
  );
});

describe("a file of ties", () => {
  type Reach = Readonly<Record<string, number | boolean>>;
  const { cases } = JSON.parse(read("ties")) as CaseFile<Reach>;
  const answers = scarfAnswers(read("ties")) as unknown as readonly Reach[];

  it.each(cases.map(({ id, expect: wanted }, i) => [id, wanted, answers[i]] as const))(
    "%s",
    (_, wanted, found) => {
      expect(found?.possible).toBe(wanted.possible);
      for (const [name, value] of Object.entries(wanted))
        if (typeof value === "number")
          expect(Math.abs(Number(found?.[name]) - value), name).toBeLessThanOrEqual(0.05);
    },
  );
});

describe("what is wrong in such a file is named", () => {
  const folds = (change: object, map: readonly (readonly string[])[] = [["navy", "cream"]]) =>
    JSON.stringify({
      maps: { two: map },
      cases: [
        {
          map: "two",
          sides: [90, 90],
          steps: [{ through: [45, 0], angle: 90, side: "left", over: true }],
          axis: 0,
          ...change,
        },
      ],
    });
  const outside = [{ through: [95, 0], angle: 90, side: "left", over: true }];
  const onceFolded = [
    { through: [45, 0], angle: 90, side: "left", over: true },
    { through: [40, 0], angle: 90, side: "left", over: true },
  ];

  it.each([
    ["a map that is not there", folds({ map: "three" }), /no map "three"/],
    ["a map of uneven rows", folds({}, [["navy"], ["navy", "cream"]]), /maps\.two: all rows/],
    ["a map too fine", folds({}, [Array.from({ length: 65 }, () => "navy")]), /Maps|maps/],
    ["a side of no length", folds({ sides: [0, 90] }), /[Ss]ides/],
    [
      "a fold beside the cloth",
      folds({ steps: outside }),
      /^cases\.0\.steps\.0: the line of this fold lies outside/,
    ],
    [
      "a fold beside what is left of it",
      folds({ steps: onceFolded }),
      /^cases\.0\.steps\.1: the line of this fold lies outside/,
    ],
  ])("%s", (_, text, says) => {
    expect(() => scarfAnswers(text)).toThrow(says);
  });

  it("and a line along an edge folds nothing, and is no fault", () => {
    const along = [{ through: [0, 0], angle: 90, side: "left", over: true }];
    expect(scarfAnswers(folds({ steps: along }))).toMatchObject([{ length: 90, width: 90 }]);
  });
});
