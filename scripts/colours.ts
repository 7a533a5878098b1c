import sharp from "sharp";
import { coloursOfPhoto, noHints } from "../src/core/photo/colours-of-photo";
import type { Box } from "../src/core/photo/photo";

interface Asked {
  readonly file: string;
  /** Where the grey card lies in the upright photo, in pixels; null: it is looked for. */
  readonly card: Box | null;
}

function askedFor(words: readonly string[]): Asked[] {
  const asked: Asked[] = [];
  for (let at = 0; at < words.length; at += 1) {
    const word = words[at] ?? "";
    if (word !== "--card") asked.push({ file: word, card: null });
    else {
      at += 1;
      const [x, y, width, height] = (words[at] ?? "").split(",").map(Number);
      const last = asked.pop();
      if (!last || ![x, y, width, height].every(Number.isFinite))
        throw new RangeError("Write --card x,y,w,h behind the photo it lies in.");
      asked.push({ file: last.file, card: { x, y, width, height } as Box });
    }
  }
  if (asked.length === 0)
    throw new RangeError("Name a photo: npm run colours -- photo.jpg [--card x,y,w,h] ...");
  return asked;
}

async function say({ file, card }: Asked): Promise<void> {
  const { data, info } = await sharp(file)
    .rotate()
    .toColourspace("srgb")
    .ensureAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  const { colours } = coloursOfPhoto({ width: info.width, height: info.height, data }, { ...noHints, card });
  const rounded = colours.map(({ hex, share }) => ({
    hex: hex.toUpperCase(),
    share: Math.round(share * 1000) / 1000,
  }));
  process.stdout.write(`${JSON.stringify({ file, colours: rounded })}\n`);
}

try {
  for (const each of askedFor(process.argv.slice(2))) await say(each);
} catch (error) {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 2;
}
