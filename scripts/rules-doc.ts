// npm run rules: writes docs/rules.md from the registry, and down what every rule says of the made-up looks.
import { writeFileSync } from "node:fs";
import { rulesDocument } from "../src/core/reading/rules-document";
import { registry } from "../src/core/rules/registry";
import { toldBy } from "../src/core/testing/told-by-rules";

writeFileSync(new URL("../docs/rules.md", import.meta.url), rulesDocument());
const told = Object.fromEntries(registry.map((rule) => [rule.id, toldBy(rule)]));
writeFileSync(
  new URL("../src/core/testing/told-by-rules.json", import.meta.url),
  `${JSON.stringify(told, null, 2)}\n`,
);
