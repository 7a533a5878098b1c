import { readdirSync, readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { parseLook } from "../formats/look-file";
import { read } from "./read";
import { compareVerdicts } from "./verdict";

/** Two looks of which a practitioner prefers the first, or one look with the verdict it should have. */
type Comparison = { readonly id: string; readonly reason: string; readonly a: object } & (
  | { readonly kind: "pair"; readonly b: object }
  | { readonly kind: "single"; readonly expect: "jars" | "not jars" | "sings" | "sits" }
);

const folder = new URL("../../../tests/cases/practice/", import.meta.url);
const comparisons = readdirSync(folder).map(
  (name) => JSON.parse(readFileSync(new URL(name, folder), "utf8")) as Comparison,
);
const readingOf = (look: object) => read(parseLook(JSON.stringify(look)));

describe("what practitioners prefer", () => {
  it("is at hand in forty comparisons and more", () => {
    expect(comparisons.length).toBeGreaterThan(40);
  });

  it.each(comparisons.map((each) => [each.id, each.reason, each] as const))(
    "%s: %s",
    (_id, _reason, each) => {
      const preferred = readingOf(each.a);
      if (each.kind === "single") {
        if (each.expect === "not jars") expect(preferred.verdict).not.toBe("jars");
        else expect(preferred.verdict).toBe(each.expect);
        return;
      }
      const other = readingOf(each.b);
      expect(preferred.points).toBeGreaterThan(other.points);
      expect(preferred.score).toBeGreaterThan(other.score);
      expect(compareVerdicts(preferred.verdict, other.verdict)).toBeGreaterThanOrEqual(0);
      expect(preferred.verdict).not.toBe("jars");
    },
  );
});
