import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { allowed, deeds, mayDo, roles, sayMayNot } from "./roles";

describe("the table of roles", () => {
  it("is the one in the documents, line by line", () => {
    const lines = readFileSync("docs/operations.md", "utf8")
      .split("\n")
      .filter((line) => /\| (yes|no) +\| (yes|no) +\| (yes|no) +\|/.test(line))
      .map((line) =>
        line
          .split("|")
          .map((cell) => cell.trim())
          .slice(1, -1),
      );
    expect(lines).toEqual(
      deeds.map((deed) => [allowed[deed].say, ...roles.map((role) => (mayDo(role, deed) ? "yes" : "no"))]),
    );
  });

  it("gives an owner everything, and says of the rest who may", () => {
    for (const deed of deeds) expect(mayDo("owner", deed)).toBe(true);
    expect(sayMayNot("judge")).toBe(
      "Only an owner or a stylist may overrule a rule, and change a client's rule book.",
    );
  });
});
