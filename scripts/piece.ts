import { readLine } from "../src/core/intake/line";

const lines = process.argv.slice(2);
if (lines.length === 0) {
  process.stderr.write(
    'Say a piece in one line: npm run piece -- "cognac suede ankle boots, block heel 5"\n',
  );
  process.exitCode = 2;
}
for (const line of lines) {
  const { piece, unknown, assumed, hasColour } = readLine(line);
  process.stdout.write(`${JSON.stringify({ line, piece, unknown, assumed, hasColour })}\n`);
}
