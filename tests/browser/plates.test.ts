import { renderToStaticMarkup } from "react-dom/server";
import { createElement } from "react";
import type { Browser, Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { kindNames } from "@/core/piece/kinds";
import { pocketFolds } from "@/core/piece/kinds/pocket-square";
import type { Piece } from "@/core/piece/piece";
import { sample } from "@/core/testing/sample";
import { Plate } from "@/ui/drawing/plate";
import { plateBox } from "@/ui/drawing/plate-box";
import { openBrowser } from "../support/browser";

let browser: Browser;
let close: () => Promise<void>;
let page: Page;

beforeAll(async () => {
  ({ browser, close } = await openBrowser());
  page = await browser.newPage();
});

afterAll(() => close());

/** A piece of every kind, and those forms whose drawing is another one. */
const pieces: readonly Piece[] = [
  ...kindNames.map((kind) => sample(kind, { name: kind, metal: "silver", metalSize: 2 }) as Piece),
  sample("shoe", { name: "boot", figures: { form: "boot", shaft: 38, shaftTop: 38, lift: 5 } }),
  sample("shoe", { name: "sandal", figures: { form: "sandal", lift: 9 } }),
  sample("bag", { name: "wide bag", figures: { width: 48, height: 36, strap: 120 } }),
  sample("bag", { name: "clutch", figures: { carry: "clutch", width: 24, height: 12 } }),
  sample("hat", { name: "wide hat", figures: { form: "straw", brim: 14 } }),
  sample("umbrella", { name: "long umbrella", figures: { form: "stick", length: 95 } }),
  sample("umbrella", { name: "folded umbrella", figures: { form: "folding", length: 24 } }),
  ...(Object.keys(pocketFolds) as (keyof typeof pocketFolds)[]).map((fold) =>
    sample("pocket square", { name: `square, ${fold}`, figures: { fold } }),
  ),
  sample("skirt", { name: "long skirt", figures: { length: 98, hemWidth: 320 } }),
  sample("trousers", { name: "wide trousers", figures: { leg: "wide", inseam: 88, opening: 70 } }),
];

/** What is drawn of a plate, as its browser measures it, in the units of its view box. */
async function drawn(piece: Piece) {
  await page.setContent(renderToStaticMarkup(createElement(Plate, { piece })));
  return page.$eval("svg", (svg) => {
    const shapes = [
      ...svg.querySelectorAll<SVGGraphicsElement>("path, circle, ellipse, rect, line, use"),
    ].filter((shape) => !shape.closest("defs, clipPath, mask, pattern, [clip-path]"));
    const { a, d, e, f } = (svg.getScreenCTM() ?? new DOMMatrix()).inverse();
    const ends = shapes.map((shape) => {
      const { left, right, top, bottom } = shape.getBoundingClientRect();
      return { left: left * a + e, right: right * a + e, top: top * d + f, bottom: bottom * d + f };
    });
    const { x, y, width, height } = svg.viewBox.baseVal;
    return {
      count: shapes.length,
      box: { left: x, right: x + width, top: y, bottom: y + height },
      left: Math.min(...ends.map(({ left }) => left)),
      right: Math.max(...ends.map(({ right }) => right)),
      top: Math.min(...ends.map(({ top }) => top)),
      bottom: Math.max(...ends.map(({ bottom }) => bottom)),
    };
  });
}

describe("plates", () => {
  it.each(pieces.map((piece) => [piece.name, piece] as const))(
    "%s fills its box, and stays within it",
    async (_, piece) => {
      const { count, box, left, right, top, bottom } = await drawn(piece);
      expect(count).toBeGreaterThan(0);
      // A line has half its width on either side of its path.
      const slack = 0.6;
      expect(left).toBeGreaterThan(box.left - slack);
      expect(right).toBeLessThan(box.right + slack);
      expect(top).toBeGreaterThan(box.top - slack);
      expect(bottom).toBeLessThan(box.bottom + slack);
      const { width, height } = plateBox(piece);
      const filled = Math.max((right - left) / width, (bottom - top) / height);
      expect(filled, "what is drawn against the box it asks for").toBeGreaterThan(0.5);
      expect(filled).toBeLessThan(1.1);
    },
  );
});
