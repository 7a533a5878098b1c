import { describe, expect, it } from "vitest";
import { difference } from "../colour/difference";
import { shadeOf } from "../colour/shade";
import {
  madePhoto,
  photoGrounds,
  photoLights,
  photoPatterns,
  photoShapes,
  type PhotoToMake,
  type Triple,
} from "../testing/generated-photo";
import { numbersFrom } from "../testing/generated";
import { coloursOfPhoto, noHints, notThePiece } from "./colours-of-photo";
import type { Photo } from "./photo";

const dyes: readonly Triple[] = [
  [31, 111, 107],
  [32, 36, 46],
  [166, 61, 47],
  [94, 140, 97],
  [198, 95, 124],
  [43, 108, 176],
  [107, 31, 51],
  [63, 110, 87],
];

const hexOf = (colour: Triple) => `#${colour.map((byte) => byte.toString(16).padStart(2, "0")).join("")}`;
const away = (hex: string, colour: Triple) => difference(shadeOf(hex), shadeOf(hexOf(colour)));

/** Every pattern, shape and light in turn, in dyes that stand out from the ground and from each other. */
const made = Array.from({ length: 24 }, (_, seed): PhotoToMake => {
  const next = numbersFrom(seed + 1);
  const pattern = photoPatterns[seed % photoPatterns.length] ?? "plain";
  const ground = photoGrounds[Math.floor(next() * photoGrounds.length)] ?? "linen";
  const wanted = pattern === "plain" ? 1 : pattern === "floral" ? 3 : 2;
  const colours: Triple[] = [];
  while (colours.length < wanted) {
    const dye = dyes[Math.floor(next() * dyes.length)] ?? dyes[0];
    if (dye && colours.every((other) => away(hexOf(dye), other) > 20)) colours.push(dye);
  }
  const shape = photoShapes[seed % photoShapes.length] ?? "square";
  return { ground, shape, pattern, light: photoLights[seed % 3] ?? "window", colours, seed };
});

describe("the colours of a photo", () => {
  it.each(made)("a $pattern $shape on $ground by $light", (spec) => {
    const { photo, shares } = madePhoto(spec);
    const { colours } = coloursOfPhoto(photo, noHints);
    const seen = spec.colours.map((colour, i) => ({ colour, share: shares[i] ?? 0 }));
    for (const { colour, share } of seen.filter((each) => each.share > 0.03)) {
      const nearest = colours.toSorted((a, b) => away(a.hex, colour) - away(b.hex, colour))[0];
      expect(nearest && away(nearest.hex, colour)).toBeLessThanOrEqual(6);
      expect(Math.abs((nearest?.share ?? 0) - share)).toBeLessThanOrEqual(0.12);
    }
    expect(colours.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 6);
  });

  it("finds nothing where nothing lies", () => {
    const read = coloursOfPhoto(
      painted(() => [200, 198, 194]),
      noHints,
    );
    expect(read.colours).toEqual([]);
    expect(read.cells.every((cell) => cell === notThePiece)).toBe(true);
  });

  it("leaves out what was erased, and looks only within a crop", () => {
    // A red square, and a blue cup beside it.
    const photo = painted((x, y) => {
      if (x > 30 && x < 120 && y > 30 && y < 150) return [166, 61, 47];
      return Math.hypot(x - 165, y - 90) < 25 ? [43, 108, 176] : [225, 222, 215];
    });
    const all = coloursOfPhoto(photo, noHints);
    expect(all.colours).toHaveLength(2);
    const erased = coloursOfPhoto(photo, {
      ...noHints,
      strokes: [
        {
          points: [
            { x: 165, y: 75 },
            { x: 165, y: 105 },
          ],
          radius: 30,
        },
      ],
    });
    expect(erased.colours).toHaveLength(1);
    expect(away(erased.colours[0]?.hex ?? "#000000", [186, 68, 52])).toBeLessThan(5);
    const cropped = coloursOfPhoto(photo, { ...noHints, crop: { x: 10, y: 10, width: 125, height: 170 } });
    expect(cropped.colours).toEqual(erased.colours.map(({ hex }) => ({ hex, share: 1 })));
    expect(cropped.area).toEqual({ x: 10, y: 10, width: 125, height: 170 });
  });

  it("takes what lies between dots for the cloth, though it is nearly the colour of the table", () => {
    const { photo, shares } = madePhoto({
      ground: "white paper",
      shape: "square",
      pattern: "dots",
      light: "window",
      colours: [
        [249, 248, 246],
        [43, 108, 176],
      ],
      seed: 11,
    });
    const { colours } = coloursOfPhoto(photo, noHints);
    expect(colours).toHaveLength(2);
    const dots = colours.find(({ hex }) => away(hex, [43, 108, 176]) < 6);
    expect(Math.abs((dots?.share ?? 0) - (shares[1] ?? 0))).toBeLessThanOrEqual(0.12);
  });

  it("sees the table through a handle", () => {
    const colours: Triple[] = [[63, 110, 87]];
    for (const ground of photoGrounds)
      for (const light of photoLights) {
        const { photo } = madePhoto({ ground, shape: "bag", pattern: "plain", light, colours, seed: 5 });
        const { cells, across, down } = coloursOfPhoto(photo, noHints);
        const at = (u: number, v: number) => cells[Math.floor(v * down) * across + Math.floor(u * across)];
        expect(at(0.5, 0.3), `${ground} by ${light}`).toBe(notThePiece);
        expect(at(0.5, 0.6)).toBe(0);
      }
  });

  it("shows the same colours whatever the size of the photo", () => {
    const spec: PhotoToMake = {
      ground: "wood",
      shape: "top",
      pattern: "stripe",
      light: "window",
      colours: [
        [35, 48, 79],
        [242, 239, 230],
      ],
      seed: 3,
    };
    const { photo } = madePhoto(spec);
    const large = enlarged(photo, 3);
    const [small, big] = [coloursOfPhoto(photo, noHints), coloursOfPhoto(large, noHints)];
    expect(big.colours).toHaveLength(small.colours.length);
    for (const [i, { hex }] of small.colours.entries())
      expect(difference(shadeOf(hex), shadeOf(big.colours[i]?.hex ?? "#000000"))).toBeLessThan(2);
  });

  it("takes a picture of one pixel, and one that is all see-through", () => {
    expect(coloursOfPhoto({ width: 1, height: 1, data: new Uint8ClampedArray(4) }, noHints).colours).toEqual(
      [],
    );
    const clear = { width: 20, height: 20, data: new Uint8ClampedArray(1600) };
    expect(coloursOfPhoto(clear, noHints).colours).toEqual([]);
  });

  it("takes what is cut out on a see-through ground for the piece", () => {
    const photo = painted((x, y) => (Math.hypot(x - 100, y - 100) < 60 ? [43, 108, 176] : [0, 0, 0]));
    for (let pixel = 0; pixel < 200 * 200; pixel += 1)
      if (Math.hypot((pixel % 200) - 100, Math.floor(pixel / 200) - 100) >= 60) photo.data[pixel * 4 + 3] = 0;
    const { colours } = coloursOfPhoto(photo, noHints);
    expect(colours).toHaveLength(1);
  });
});

/** A photo of 200 by 200 pixels from the colour of each. */
function painted(colour: (x: number, y: number) => Triple): Photo {
  const data = new Uint8ClampedArray(200 * 200 * 4).fill(255);
  for (let y = 0; y < 200; y += 1) for (let x = 0; x < 200; x += 1) data.set(colour(x, y), (y * 200 + x) * 4);
  return { width: 200, height: 200, data };
}

function enlarged({ width, height, data }: Photo, times: number): Photo {
  const large = new Uint8ClampedArray(width * height * times * times * 4);
  for (let y = 0; y < height * times; y += 1)
    for (let x = 0; x < width * times; x += 1) {
      const from = (Math.floor(y / times) * width + Math.floor(x / times)) * 4;
      large.set(data.subarray(from, from + 4), (y * width * times + x) * 4);
    }
  return { width: width * times, height: height * times, data: large };
}
