// npm run rules: writes docs/rules.md from the registry, and down what every rule says of made-up looks and of its cases.
import { writeFileSync } from "node:fs";
import { rulesDocument } from "../src/core/reading/rules-document";
import { registry } from "../src/core/rules/registry";
import type { Rule } from "../src/core/rules/define-rule";
import { hopedInAllOfCases } from "../src/core/testing/hoped-of-cases";
import { toldBy } from "../src/core/testing/told-by-rules";
import { toldOfCases } from "../src/core/testing/told-of-cases";

writeFileSync(new URL("../docs/rules.md", import.meta.url), rulesDocument());
writeDown("told-by-rules", registry, toldBy);
writeDown("told-of-cases", registry, toldOfCases);
writeDown(
  "hoped-of-cases",
  registry.filter(({ reads }) => reads === "everything"),
  hopedInAllOfCases,
);

function writeDown(name: string, rules: readonly Rule[], told: (rule: Rule) => unknown): void {
  const all = Object.fromEntries(rules.map((rule) => [rule.id, told(rule)]));
  writeFileSync(
    new URL(`../src/core/testing/${name}.json`, import.meta.url),
    `${JSON.stringify(all, null, 2)}\n`,
  );
}
