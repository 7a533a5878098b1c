import { readFileSync } from "node:fs";
import { FormatError } from "../src/core/formats/format-error";
import { parseLook } from "../src/core/formats/look-file";
import { phrase } from "../src/core/reading/phrase";
import { read } from "../src/core/reading/read";

function fail(message: string): never {
  process.stderr.write(`${message}\n`);
  process.exit(2);
}

function textOf(path: string): string {
  try {
    return readFileSync(path, "utf8");
  } catch {
    return fail(`${path}: there is no such file, or it cannot be opened`);
  }
}

const path = process.argv[2];
if (!path) fail("Name a look file: npm run read -- look.json");
try {
  const reading = read(parseLook(textOf(path)));
  const findings = reading.findings.map((finding) => ({ text: phrase(finding, "cm"), ...finding }));
  process.stdout.write(`${JSON.stringify({ ...reading, findings }, null, 2)}\n`);
} catch (error) {
  if (error instanceof FormatError) fail(`${path}: ${error.message}`);
  throw error;
}
