// npm run rules: writes docs/rules.md from the registry.
import { writeFileSync } from "node:fs";
import { rulesDocument } from "../src/core/reading/rules-document";

writeFileSync(new URL("../docs/rules.md", import.meta.url), rulesDocument());
