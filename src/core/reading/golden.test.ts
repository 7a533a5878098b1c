import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { parseLook } from "../formats/look-file";
import type { Effect } from "../rules/finding";
import { slotOf, type Piece } from "../piece/piece";
import { registry } from "../rules/registry";
import { generatedLook } from "../testing/generated-look";
import { schoolNames, schoolQuestions } from "../rule-book/schools";
import { apply } from "./change";
import { phrase } from "./phrase";
import { read, type Reading } from "./read";
import type { Verdict } from "./verdict";
import { effectValues } from "./verdict";

interface GoldenLook {
  readonly look: string;
  readonly verdict: Verdict;
  readonly rule: string;
  readonly effect: Effect;
  readonly why: string;
}

interface Pair {
  readonly better: string;
  readonly worse: string;
  readonly rule: string;
  readonly because: string;
}

const folder = new URL("../../../tests/cases/", import.meta.url);
const table = <T>(name: string) => JSON.parse(readFileSync(new URL(name, folder), "utf8")) as T[];
const looks = table<GoldenLook>("looks.json");
const pairs = table<Pair>("pairs.json");
const lookOf = (name: string) => parseLook(readFileSync(new URL(`looks/${name}.look.json`, folder), "utf8"));

/** The comparisons of practice, which have a test of their own. */
function practice() {
  const own = new URL("practice/", folder);
  return readdirSync(own).map(
    (name) =>
      JSON.parse(readFileSync(new URL(name, own), "utf8")) as { readonly kind: string; readonly b?: object },
  );
}

function practiceLooks(): number {
  return practice().reduce((sum, { b }) => sum + (b ? 2 : 1), 0);
}

const readings = new Map<string, Reading>();
function readingOf(name: string): Reading {
  let reading = readings.get(name);
  if (!reading) {
    reading = read(lookOf(name));
    readings.set(name, reading);
  }
  return reading;
}

describe("the golden looks", () => {
  it("are at least 150 with those from practice, each with a file and each file with a verdict", () => {
    expect(looks.length + practiceLooks()).toBeGreaterThanOrEqual(150);
    expect(readdirSync(new URL("looks/", folder)).sort()).toEqual(
      looks.map(({ look }) => `${look}.look.json`).sort(),
    );
  });

  it.each(looks.map((golden) => [golden.look, golden] as const))("%s", (name, { verdict, rule, effect }) => {
    const reading = readingOf(name);
    expect(reading.findings.map((finding) => `${finding.rule} ${finding.effect}`)).toContain(
      `${rule} ${effect}`,
    );
    expect(reading.verdict).toBe(verdict);
  });

  it("reach every lens but care with a fault and with praise, and every verdict", () => {
    const decided = looks.map(({ rule, effect }) => {
      const lens = registry.find(({ id }) => id === rule)?.lens;
      return `${lens} ${effect === "jars" || effect === "rubs" || effect === "bar" ? "fault" : "praise"}`;
    });
    for (const lens of ["colour", "finish", "style", "register", "proportion", "hosiery"])
      expect(decided).toEqual(expect.arrayContaining([`${lens} fault`, `${lens} praise`]));
    expect(new Set(looks.map(({ verdict }) => verdict))).toEqual(new Set(["sings", "sits", "jars"]));
  });

  it("say every finding in whole sentences", () => {
    for (const { look } of looks)
      for (const finding of readingOf(look).findings)
        for (const unit of ["cm", "in"] as const) {
          const said = phrase(finding, unit);
          expect(said, finding.rule).not.toMatch(/[{}]|undefined|NaN| {2}/);
          expect(said, finding.rule).toMatch(/[.:]$/);
        }
  });

  it("read the same to the byte, whichever way round their accessories are listed", () => {
    for (const { look } of looks) {
      const whole = lookOf(look);
      expect(JSON.stringify(read(whole))).toBe(JSON.stringify(readingOf(look)));
      const turned = read({ ...whole, accessories: [...whole.accessories].reverse() });
      expect([look, turned.score, turned.verdict]).toEqual([
        look,
        readingOf(look).score,
        readingOf(look).verdict,
      ]);
    }
  });

  it("read the same when a piece is taken off and put on again", () => {
    for (const { look } of looks) {
      const whole = lookOf(look);
      const { score, verdict, level } = readingOf(look);
      const alone = (piece: Piece) =>
        whole.accessories.filter((other) => slotOf(other) === slotOf(piece)).length === 1;
      for (const piece of whole.accessories.filter(alone)) {
        const without = apply(whole, { kind: "take-off", piece: piece.id });
        expect(without.accessories).not.toContain(piece);
        const again = read({ ...apply(without, { kind: "wear", piece }), adjustments: whole.adjustments });
        expect([again.score, again.verdict, again.level], `${look}, ${piece.name}`).toEqual([
          score,
          verdict,
          level,
        ]);
      }
    }
  });
});

describe("generated looks", () => {
  it("read the same in whatever order their accessories were put on", () => {
    for (let seed = 0; seed < 80; seed += 1) {
      const look = generatedLook(seed);
      const { score, points, verdict, level } = read(look);
      const { accessories } = look;
      for (const turned of [
        [...accessories].reverse(),
        [...accessories.slice(2), ...accessories.slice(0, 2)],
      ]) {
        const again = read({ ...look, accessories: turned });
        expect([seed, again.score, again.points, again.verdict, again.level]).toEqual([
          seed,
          score,
          points,
          verdict,
          level,
        ]);
      }
    }
  });
});

describe("one is better than the other", () => {
  it("in at least 60 pairs with those from practice", () => {
    expect(pairs.length + practice().filter(({ kind }) => kind === "pair").length).toBeGreaterThanOrEqual(60);
  });

  it.each(pairs.map((pair) => [pair.better, pair.worse, pair] as const))(
    "%s over %s",
    (better, worse, { rule }) => {
      expect(readingOf(better).score).toBeGreaterThan(readingOf(worse).score);
      const points = (name: string) =>
        readingOf(name)
          .findings.filter((finding) => finding.rule === rule)
          .reduce((sum, { effect, weight }) => sum + weight * effectValues[effect], 0);
      expect(points(better)).toBeGreaterThan(points(worse));
    },
  );
});

describe("one plain base under five sets", () => {
  it.each([
    [
      "a plain dark dress",
      ["at-the-beach", "in-town", "at-the-office", "at-dinner", "at-a-wedding"].map(
        (at) => `plain-dress-${at}`,
      ),
      [2.6, 7],
    ],
    [
      "a plain tee and trousers",
      ["for-sport", "off-duty", "in-town", "at-work", "for-the-evening"].map(
        (at) => `tee-and-trousers-${at}`,
      ),
      [2.7, 6.9],
    ],
  ] as const)("%s goes from off duty to evening", (_, names, [quietest, dressiest]) => {
    const levels = names.map((name) => readingOf(name).level ?? NaN);
    expect(levels).toEqual([...levels].sort((one, other) => one - other));
    expect(new Set(levels).size).toBe(5);
    expect(levels[0]).toBeLessThan(quietest);
    expect(levels[4]).toBeGreaterThan(dressiest);
    const garments = new Set(names.map((name) => JSON.stringify(lookOf(name).garments)));
    expect(garments.size).toBe(1);
  });
});

describe("every school", () => {
  /** A golden look whose verdict or score another choice changes. */
  function changes(name: (typeof schoolNames)[number]): string[] {
    const choices = Object.keys(schoolQuestions[name].choices);
    return looks.flatMap(({ look }) => {
      const whole = lookOf(look);
      const verdicts = choices.map((choice) => {
        const { ruleBook } = whole.client;
        const book = { ...ruleBook, schools: { ...ruleBook.schools, [name]: choice } };
        return read({ ...whole, client: { ...whole.client, ruleBook: book } }).verdict;
      });
      return new Set(verdicts).size > 1 ? [look] : [];
    });
  }

  it.each(schoolNames)("%s changes the verdict of at least one golden look", (name) => {
    expect(changes(name)).not.toEqual([]);
  });

  it.each(schoolNames)("%s is named by a rule that reads it", (name) => {
    expect(registry.filter(({ schools }) => schools.includes(name))).not.toEqual([]);
  });
});
