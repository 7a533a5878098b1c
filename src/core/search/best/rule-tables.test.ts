import { describe, expect, it } from "vitest";
import type { Dressed } from "../../dressing/dressed";
import type { Rule } from "../../rules/define-rule";
import { registry } from "../../rules/registry";
import { madeFinding } from "../../testing/made-finding";
import { sample, sampleLook } from "../../testing/sample";
import type { Place } from "./options";
import type { Outcome } from "./outcome";
import { tableRules } from "./rule-tables";

const [flat, heel] = [sample("shoe", { name: "flat" }), sample("shoe", { name: "heel" })];
const [tote, clutch] = [sample("bag", { name: "tote" }), sample("bag", { name: "clutch" })];
const belt = sample("belt", { name: "belt" });
const places: readonly Place[] = [
  { slot: "shoe", options: [flat, heel] },
  { slot: "belt", options: [belt, null] },
  { slot: "bag", options: [tote, clutch, null] },
];
const base = sampleLook({ garments: [sample("dress", { name: "dress" })] });

/** A rule that says of some looks what it makes of them, by the names of what is on; and how often it was asked. */
function ruleBy(said: Readonly<Record<string, "jars" | "rubs" | "lifts" | "sings">>) {
  const [some] = registry;
  if (!some) throw new Error("there are no rules");
  const asked: string[] = [];
  const read = ({ look }: Dressed) => {
    const on = look.accessories.map(({ name }) => name).join(" ");
    asked.push(on);
    const effect = said[on];
    return effect ? [madeFinding({ effect })] : [];
  };
  const rule: Rule = { ...some, read };
  return { rule, asked };
}

const outcome = (faults: number, ...praise: number[]): Outcome => ({ faults, praise });
const nothing = outcome(0);

describe("a rule that reads two places", () => {
  const made = () =>
    ruleBy({
      "flat tote": "sings",
      "flat clutch": "jars",
      flat: "rubs",
      "heel tote": "jars",
      "heel clutch": "lifts",
      heel: "jars",
    });

  it("is asked once about every pairing of what they may hold, with nothing else on", () => {
    const { rule, asked } = made();
    tableRules(base, places, [{ rule, at: [0, 2] }]);
    expect(asked).toEqual(["flat tote", "flat clutch", "flat", "heel tote", "heel clutch", "heel"]);
  });

  it("says of a choice what it said of the pairing, and before that the best it could still say", () => {
    const { rule } = made();
    const [table] = tableRules(base, places, [{ rule, at: [0, 2] }]);
    expect(table?.rule).toBe(rule);
    expect(table?.outcome([0, 1, 0])).toEqual(outcome(0, 2));
    expect(table?.outcome([1, 0, 0])).toEqual(outcome(-3));
    expect(table?.outcome([1, 0, 1])).toEqual(outcome(0, 1));
    expect(table?.outcome([0])).toEqual(outcome(0, 2));
    expect(table?.outcome([1])).toEqual(outcome(0, 1));
    expect(table?.outcome([])).toEqual(outcome(0, 2));
  });

  it("says so too where the second of them is chosen before the first", () => {
    const { rule } = ruleBy({ "tote flat": "sings", "tote heel": "rubs", heel: "jars" });
    const [table] = tableRules(base, places, [{ rule, at: [2, 0] }]);
    expect(table?.outcome([0])).toEqual(outcome(0, 2));
    expect(table?.outcome([1])).toEqual(outcome(0));
    expect(table?.outcome([1, 0, 0])).toEqual(outcome(-1));
    expect(table?.outcome([1, 0, 1])).toEqual(nothing);
    expect(table?.outcome([1, 0, 2])).toEqual(outcome(-3));
  });
});

describe("a rule that reads one place, or none", () => {
  it("says what it said of the piece, of whatever else", () => {
    const { rule, asked } = ruleBy({ tote: "lifts", clutch: "jars", "": "rubs" });
    const [table] = tableRules(base, places, [{ rule, at: [2] }]);
    expect(asked).toEqual(["tote", "clutch", ""]);
    expect(table?.outcome([1, 1, 1])).toEqual(outcome(-3));
    expect(table?.outcome([1, 1, 2])).toEqual(outcome(-1));
    expect(table?.outcome([1, 1])).toEqual(outcome(0, 1));
  });

  it("says one thing throughout where it reads no place", () => {
    const { rule, asked } = ruleBy({ "": "rubs" });
    const [table] = tableRules(base, places, [{ rule, at: [] }]);
    expect(asked).toEqual([""]);
    expect(table?.outcome([])).toEqual(outcome(-1));
    expect(table?.outcome([1, 1, 1])).toEqual(outcome(-1));
  });
});

describe("rules together", () => {
  it("stand by what they read, each once, without those that are silent throughout", () => {
    const [one, silent, other] = [ruleBy({ flat: "jars" }), ruleBy({}), ruleBy({ tote: "lifts" })];
    const tables = tableRules(base, places, [
      { rule: one.rule, at: [0] },
      { rule: silent.rule, at: [0] },
      { rule: other.rule, at: [2] },
    ]);
    expect(tables.map(({ rule }) => rule)).toEqual([one.rule, other.rule]);
    expect(tables.map((table) => table.outcome([0, 0, 0]))).toEqual([outcome(-3), outcome(0, 1)]);
    expect(silent.asked).toEqual(["flat", "heel"]);
  });
});
