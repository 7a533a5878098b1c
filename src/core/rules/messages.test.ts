import { IntlMessageFormat } from "intl-messageformat";
import { describe, expect, it } from "vitest";
import { fillMessage } from "../words/message";
import { formerIds } from "./former-ids";
import { registry } from "./registry";

const all = registry.flatMap((rule) =>
  Object.entries(rule.messages).map(([id, template]) => [rule.id, id, template] as const),
);

/** The names a template is filled with, and the words each choice of it knows. */
function namesIn(template: string): Map<string, readonly string[]> {
  const found = new Map<string, readonly string[]>();
  type Part = ReturnType<IntlMessageFormat["getAst"]>[number];
  const walk = (parts: readonly Part[]) => {
    for (const part of parts) {
      if ("value" in part && "options" in part) {
        found.set(part.value, Object.keys(part.options));
        for (const option of Object.values(part.options)) walk(option.value);
      } else if ("value" in part && !isLiteral(part)) found.set(part.value, found.get(part.value) ?? []);
    }
  };
  walk(new IntlMessageFormat(template, "en").getAst());
  return found;
}

/** Plain text between the names: the parser numbers its kinds of part from it. */
function isLiteral({ type }: { readonly type: number }): boolean {
  return type === 0;
}

/** Every way of filling a template: each choice of it taken once, each name with one thing and with two. */
function fillings(template: string): Record<string, string | number>[] {
  const names = namesIn(template);
  let ways: Record<string, string | number>[] = [{}];
  for (const [name, choices] of names) {
    const isNumber = choices.some((choice) => choice === "one");
    const values = isNumber ? [1, 2] : choices.length > 0 ? choices : ["something"];
    ways = ways.flatMap((way) => values.map((value) => ({ ...way, [name]: value })));
  }
  return ways;
}

describe("every message of every rule", () => {
  it("is there, and a rule has its lens in its id", () => {
    expect(registry.length).toBeGreaterThan(60);
    for (const { id, lens, messages } of registry) {
      expect(id.startsWith(`${lens}.`), id).toBe(true);
      expect(Object.keys(messages).length, id).toBeGreaterThan(0);
    }
  });

  it.each(all)("%s, %s: is one sentence, however it is filled", (_rule, _id, template) => {
    for (const way of fillings(template)) {
      const text = fillMessage(template, way);
      expect(text).toMatch(/\.$/);
      expect(text).not.toMatch(/[{}]|undefined|NaN| {2}| [.,;:]|^ | $/);
    }
  });

  it.each(all.filter(([, , template]) => template.includes("plural")))(
    "%s, %s: says otherwise of one than of two",
    (_rule, _id, template) => {
      for (const [name, choices] of namesIn(template)) {
        if (!choices.includes("one")) continue;
        const [way = {}] = fillings(template);
        const said = [1, 2].map((number) => fillMessage(template, { ...way, [name]: number }));
        expect(said[0]).not.toBe(said[1]);
      }
    },
  );

  it("goes by an id that no rule went by before", () => {
    const ids = new Set<string>(registry.map(({ id }) => id));
    for (const [former, id] of Object.entries(formerIds)) {
      expect(ids.has(id), id).toBe(true);
      expect(ids.has(former), former).toBe(false);
    }
  });
});
