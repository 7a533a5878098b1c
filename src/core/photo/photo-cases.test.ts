import { readFileSync } from "node:fs";
import sharp from "sharp";
import { describe, expect, it } from "vitest";
import { difference } from "../colour/difference";
import { shadeOf } from "../colour/shade";
import { coloursOfPhoto, noHints, type PhotoColour } from "./colours-of-photo";
import type { Photo } from "./photo";

interface PhotoCase {
  readonly file: string;
  readonly greyCard: readonly [number, number, number, number] | null;
  readonly colours: readonly PhotoColour[];
}

const folder = "tests/cases/photos";
const cases = JSON.parse(readFileSync(`${folder}/photos.json`, "utf8")) as PhotoCase[];

async function photoOf(file: string): Promise<Photo> {
  const { data, info } = await sharp(`${folder}/${file}`)
    .ensureAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  return { width: info.width, height: info.height, data };
}

/** The true colours, the largest first, each with the found one nearest to it. */
function matched(truth: readonly PhotoColour[], found: readonly PhotoColour[]) {
  const left = [...found];
  return truth
    .toSorted((a, b) => b.share - a.share)
    .map((colour) => {
      const away = left.map(({ hex }) => difference(shadeOf(hex), shadeOf(colour.hex.toLowerCase())));
      const at = away.indexOf(Math.min(...away));
      const [match] = left.splice(at, 1);
      return { away: away[at] ?? Infinity, share: Math.abs((match?.share ?? 0) - colour.share) };
    });
}

describe("photos whose true colours are written beside them", () => {
  it.each(cases)("$file", async ({ file, colours, greyCard }) => {
    const photo = await photoOf(file);
    const [x = 0, y = 0, width = 0, height = 0] = greyCard ?? [];
    const ways = [noHints, ...(greyCard ? [{ ...noHints, card: { x, y, width, height } }] : [])];
    for (const hints of ways) {
      const read = coloursOfPhoto(photo, hints);
      expect(read.colours).toHaveLength(colours.length);
      const pairs = matched(colours, read.colours);
      const mean = pairs.reduce((sum, { away }) => sum + away, 0) / pairs.length;
      expect(mean).toBeLessThanOrEqual(6);
      for (const { away, share } of pairs) {
        expect(away).toBeLessThanOrEqual(12);
        expect(share).toBeLessThanOrEqual(0.12);
      }
      // A card is found where one lies, and only there.
      expect(read.card === null).toBe(greyCard === null);
      if (read.card && greyCard) {
        expect(Math.abs(read.card.x - x)).toBeLessThanOrEqual(6);
        expect(Math.abs(read.card.y - y)).toBeLessThanOrEqual(6);
      }
    }
  });
});
