import { describe, expect, it } from "vitest";
import recorded from "../testing/told-by-rules.json";
import { toldBy } from "../testing/told-by-rules";
import { registry } from "./registry";

const known: Readonly<Record<string, Readonly<Record<string, string>>>> = recorded;

/**
 * Whoever changes a rule sees here of which made-up looks it says something else than it did. Where that is meant,
 * `npm run rules` writes it down anew, and the difference is read before it is kept.
 */
describe("what rules say of made-up looks", () => {
  it.each(registry.map((rule) => [rule.id, rule] as const))("%s: is what it said before", (id, rule) => {
    expect(toldBy(rule)).toEqual(known[id]);
  });

  it("is recorded of every rule, and of no other", () => {
    expect(Object.keys(known).sort()).toEqual(registry.map(({ id }) => id).sort());
  });
});
