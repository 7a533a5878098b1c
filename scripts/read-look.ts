import { readFileSync } from "node:fs";
import { FormatError } from "../src/core/formats/format-error";
import { parseLook } from "../src/core/formats/look-file";
import { phrase, templateOf } from "../src/core/reading/phrase";
import { read } from "../src/core/reading/read";
import type { Finding } from "../src/core/rules/finding";
import { namesOf, pieceIdsOf } from "../src/core/rules/spoken";

/** A finding as this command prints it: its sentence, then everything it rests on. */
function printed(finding: Finding) {
  const { rule, lens, weight, effect, figures, proposals, caution, estimated, onEdge, needs } = finding;
  const names = Object.entries(namesOf(finding)).map(
    ([key, name]) => [key, [name].flat().join(", ")] as const,
  );
  return {
    text: phrase(finding, "cm"),
    rule,
    lens,
    weight,
    effect,
    say: templateOf(finding),
    names: { ...finding.words, ...Object.fromEntries(names) },
    figures,
    pieces: pieceIdsOf(finding),
    proposals,
    caution,
    estimated,
    onEdge,
    needs,
  };
}

function textOf(path: string): string {
  try {
    return readFileSync(path, "utf8");
  } catch {
    throw new FormatError("there is no such file, or it cannot be opened");
  }
}

/** Reads one look file. @throws FormatError with one sentence that names what is wrong */
function readingOf(path: string) {
  const reading = read(parseLook(textOf(path)));
  return { ...reading, findings: reading.findings.map(printed) };
}

const paths = process.argv.slice(2);
if (paths.length === 0) {
  process.stderr.write("Name a look file: npm run read -- look.json\n");
  process.exit(2);
}
for (const path of paths) {
  try {
    const reading = readingOf(path);
    const text =
      paths.length === 1 ? JSON.stringify(reading, null, 2) : JSON.stringify({ file: path, ...reading });
    process.stdout.write(`${text}\n`);
  } catch (error) {
    if (!(error instanceof FormatError)) throw error;
    process.stderr.write(`${path}: ${error.message}\n`);
    process.exitCode = 2;
  }
}
