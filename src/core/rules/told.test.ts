import { describe, expect, it } from "vitest";
import byRules from "../testing/told-by-rules.json";
import ofCases from "../testing/told-of-cases.json";
import { toldBy } from "../testing/told-by-rules";
import { toldOfCases } from "../testing/told-of-cases";
import { registry } from "./registry";

type Recorded = Readonly<Record<string, Readonly<Record<string, string>>>>;
const knownByRules: Recorded = byRules;
const knownOfCases: Recorded = ofCases;
const rules = registry.map((rule) => [rule.id, rule] as const);
const ids = rules.map(([id]) => id).sort();

/**
 * Whoever changes a rule sees here of which made-up looks it says something else than it did. Where that is meant,
 * `npm run rules` writes it down anew, and the difference is read before it is kept.
 */
describe("what rules say of made-up looks", () => {
  it.each(rules)("%s: is what it said before", (id, rule) => {
    expect(toldBy(rule)).toEqual(knownByRules[id]);
  });

  it("is recorded of every rule, and of no other", () => {
    expect(Object.keys(knownByRules).sort()).toEqual(ids);
  });
});

/** The same of each rule's own cases, and of all that differs from them in one thing: what just is, and just is not. */
describe("what rules say near their own cases", () => {
  it.each(rules)("%s: is what it said before", (id, rule) => {
    expect(toldOfCases(rule)).toEqual(knownOfCases[id]);
  });

  it("is recorded of every rule, and of no other", () => {
    expect(Object.keys(knownOfCases).sort()).toEqual(ids);
  });

  it.each(rules)("%s: is everything that it can say", (id, { messages }) => {
    const said = new Set(
      Object.keys(knownOfCases[id] ?? {}).map((key) => key.slice(0, key.lastIndexOf(" "))),
    );
    expect([...said].sort()).toEqual(Object.keys(messages).sort());
  });
});
