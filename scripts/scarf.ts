import { readFileSync } from "node:fs";
import { FormatError } from "../src/core/formats/format-error";
import { scarfAnswers } from "../src/core/formats/scarf-file";

const [path] = process.argv.slice(2);
if (!path) {
  process.stderr.write("Name a file of scarf cases: npm run scarf -- file.json\n");
  process.exit(2);
}

function textOf(file: string): string {
  try {
    return readFileSync(file, "utf8");
  } catch {
    throw new FormatError("there is no such file, or it cannot be opened");
  }
}

try {
  process.stdout.write(`${JSON.stringify(scarfAnswers(textOf(path)), null, 2)}\n`);
} catch (error) {
  if (!(error instanceof FormatError)) throw error;
  process.stderr.write(`${path}: ${error.message}\n`);
  process.exitCode = 2;
}
