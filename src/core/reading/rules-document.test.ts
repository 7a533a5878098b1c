import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { rulesDocument } from "./rules-document";
import { registry } from "../rules/registry";

describe("docs/rules.md", () => {
  it("is what the registry says (npm run rules writes it)", () => {
    const written = readFileSync(new URL("../../../docs/rules.md", import.meta.url), "utf8");
    expect(written).toBe(rulesDocument());
  });

  it("has a heading and a reason for every rule", () => {
    const document = rulesDocument();
    for (const { id, why } of registry) {
      expect(document).toContain(`\n### ${id}\n`);
      expect(document).toContain(why);
    }
  });
});
