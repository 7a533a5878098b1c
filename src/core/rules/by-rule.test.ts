import { describe, expect, it } from "vitest";
import { dress } from "../dressing/dress";
import { phrase } from "../reading/phrase";
import { read } from "../reading/read";
import { ruleCases as cases } from "../testing/rule-cases";
import { registry } from "./registry";

describe("each rule by itself", () => {
  it("has a case of its own", () => {
    expect(Object.keys(cases).sort()).toEqual(registry.map(({ id }) => id).sort());
  });

  describe.each(registry.map((rule) => [rule.id, rule] as const))("%s", (id, rule) => {
    const { says = [], silent } = cases[id] ?? {};

    it.each(says)("says %s: %s", (message, effect, given) => {
      const findings = rule.read(dress(given));
      expect(findings.map((finding) => `${finding.message} ${finding.effect}`)).toContain(
        `${message} ${effect}`,
      );
      // Its sentence finds every name and figure it asks for.
      for (const finding of findings) expect(phrase(finding, "cm")).toMatch(/^[\p{Lu}\d].*\.$/u);
    });

    it("says none of it of a look that differs in just that", () => {
      const said = new Set(says.map(([message]) => message));
      const heard = silent ? rule.read(dress(silent)).map(({ message }) => message) : [];
      expect(heard.filter((message) => said.has(message))).toEqual([]);
    });

    it.each(says.filter(([, effect]) => effect !== "note" && effect !== "unread"))(
      "decides by it (%s): the look reads otherwise once it rests",
      (_message, _effect, given) => {
        const { ruleBook } = given.client;
        const rests = { ...ruleBook, weights: { ...ruleBook.weights, [id]: 0 } };
        const resting = read({ ...given, client: { ...given.client, ruleBook: rests } });
        expect(resting.findings.map((finding) => finding.rule)).not.toContain(id);
        expect(resting.points).not.toBe(read(given).points);
      },
    );
  });
});
