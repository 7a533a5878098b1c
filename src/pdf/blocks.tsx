import type { Block, PaperDrawing, PieceRow } from "@/ui/papers/state/paper";
import { Plate } from "@/ui/drawing/plate";
import { withoutPhoto } from "@/core/piece/piece";
import { drawnOnPaper } from "./drawn";
import type { Page, Place } from "./page";

type Drawn<B extends Block["is"]> = (
  page: Page,
  block: Extract<Block, { is: B }>,
  place: Place,
  /** What follows it. */
  rest: readonly Block[],
) => void;

/** How each block comes onto the page. */
const drawers: { readonly [B in Block["is"]]: Drawn<B> } = {
  cover(page, { over, text, under, drawing }) {
    const { height, margin } = page.sheet;
    page.write(over, "aside");
    page.write(text, "cover");
    page.gap(6);
    page.line(page.y, "stitched");
    page.gap(8);
    page.write(under, "soft");
    if (!drawing) return;
    const top = page.y + 20;
    page.draw(drawnOnPaper(drawing.draw()), { ...page.place, y: top, height: height - margin - top });
  },
  title(page, { over, text, under }, place) {
    page.write(over, "soft", place);
    page.gap(1);
    page.write(text, "title", place);
    page.gap(2);
    if (under) page.write(under, "soft", place);
    page.gap(5);
    page.line(page.y, "stitched", place);
    page.gap(10);
  },
  heading(page, { text }, place) {
    // A heading is not left behind alone at the end of a page.
    page.room(46 * page.sheet.letters);
    page.gap(5);
    page.write(text, "heading", place);
    page.gap(3);
  },
  words(page, { text, tone }, place) {
    page.write(text, tone === "plain" ? "body" : tone, place);
    page.gap(5);
  },
  points(page, { points }, place) {
    for (const point of points) {
      page.write(point, "body", place);
      page.gap(3);
    }
  },
  steps(page, { steps }, place) {
    for (const [at, step] of steps.entries()) {
      const left = 16 * page.sheet.letters;
      const words = { x: place.x + left, width: place.width - left };
      page.room(page.heightOf(step, "body", words.width));
      page.writeAt(String(at + 1), "number", { x: place.x, y: page.y - 3, width: left });
      page.write(step, "body", words);
      page.gap(4);
    }
  },
  "drawn steps"(page, { steps }, place) {
    const across = page.sheet.oneColumn ? 2 : 3;
    const gutter = 14;
    const width = (place.width - gutter * (across - 1)) / across;
    const drawn = steps.map(({ drawing, words }, at) => {
      const svg = drawnOnPaper(drawing.draw());
      return { svg, words, number: at + 1, height: Math.min(width, width / ratioOf(svg)) };
    });
    for (let from = 0; from < drawn.length; from += across) {
      const row = drawn.slice(from, from + across);
      const height = Math.max(...row.map((step) => step.height));
      const words = Math.max(
        ...row.map((step) => page.heightOf(step.words, "body", width - numberWidth(page))),
      );
      page.room(height + words + 10);
      for (const [at, step] of row.entries())
        drawStep(page, step, height, { x: place.x + at * (width + gutter), width });
      page.y += height + words;
      page.gap(14);
    }
  },
  pieces(page, { rows, ticked }, place) {
    for (const row of rows) drawRow(page, row, ticked, place);
    page.gap(4);
  },
  figure(page, { drawing, beside }, place, rest) {
    if (page.sheet.oneColumn) {
      const height = place.width * 1.2;
      page.draw(drawnOnPaper(drawing.draw()), { ...place, y: page.y, height });
      page.y += height;
      page.gap(8);
      drawBlocks(page, beside);
      return;
    }
    const top = page.y;
    const left = figurePlace(page, drawing, place, rest);
    page.draw(drawnOnPaper(drawing.draw()), { ...left, y: top });
    const gutter = 16;
    const x = left.x + left.width + gutter;
    const before = page.doc.bufferedPageRange().count;
    drawBlocks(page, beside, { x, width: place.x + place.width - x });
    // Where the list goes on over the page, what follows stands under the list.
    if (page.doc.bufferedPageRange().count === before) page.y = Math.max(page.y, top + left.height);
    page.gap(6);
  },
};

/** How much of the height of half a sheet a figure takes at least and at most. */
const figureShares = { least: 0.42, most: 0.56 };

/** As tall as what follows it leaves room for on the same page. */
function figurePlace(page: Page, { ratio }: PaperDrawing, { x, width }: Place, rest: readonly Block[]) {
  const { height: whole } = page.sheet;
  const left = page.bottom - page.y - linesHeight(page, rest, width);
  const height = Math.min(whole * figureShares.most, Math.max(whole * figureShares.least, left));
  return { x, width: height * ratio, height };
}

/** How high lines of words stand, with what is left free between them. */
function linesHeight(page: Page, blocks: readonly Block[], width: number): number {
  const { letters } = page.sheet;
  return blocks.reduce((sum, block) => {
    if (block.is === "heading") return sum + page.heightOf(block.text, "heading", width) + 8 * letters;
    if (block.is === "words") return sum + page.heightOf(block.text, "aside", width) + 5 * letters;
    const lines = block.is === "points" ? block.points : block.is === "steps" ? block.steps : [];
    return lines.reduce(
      (height, line) => height + page.heightOf(line, "body", width - 16 * letters) + 4 * letters,
      sum,
    );
  }, 6 * letters);
}

/** Width over height of a drawing, by its own box. */
function ratioOf(svg: string): number {
  const [, , width = 1, height = 1] = (/viewBox="([^"]+)"/.exec(svg)?.[1] ?? "").split(" ").map(Number);
  return width / height;
}

const numberWidth = (page: Page) => 16 * page.sheet.letters;

interface DrawnStepOf {
  readonly svg: string;
  readonly words: string;
  readonly number: number;
}

function drawStep(page: Page, { svg, words, number }: DrawnStepOf, height: number, place: Place): void {
  page.draw(svg, { ...place, y: page.y, height });
  const y = page.y + height + 5;
  const left = numberWidth(page);
  page.writeAt(String(number), "number", { x: place.x, y: y - 3, width: left });
  page.writeAt(words, "body", { x: place.x + left, y, width: place.width - left });
}

function drawRow(
  page: Page,
  { piece, name, notes, colours = [] }: PieceRow,
  ticked: boolean,
  place: Place,
): void {
  const { letters } = page.sheet;
  const box = ticked ? 16 * letters : 0;
  const plate = { x: place.x + box, width: 34 * letters };
  const swatch = colours.length * 22 * letters;
  const x = plate.x + plate.width + 8 * letters;
  const words = { x, width: place.x + place.width - x - swatch };
  const heights = [
    page.heightOf(name, "body", words.width),
    ...notes.map((note) => page.heightOf(note, "soft", words.width)),
  ];
  const text = heights.reduce((sum, height) => sum + height, 0);
  const least = 24 * letters;
  const height = Math.max(least, text + 6 * letters);
  page.room(height);
  const { y } = page;
  const tall = least - 4;
  page.drawKept(piece, () => drawnOnPaper(<Plate piece={withoutPhoto(piece)} />), {
    ...plate,
    y: y + (height - tall) / 2,
    height: tall,
  });
  if (ticked) tick(page, place.x, y + height / 2, 9 * letters);
  let line = y + (height - text) / 2;
  line += page.writeAt(name, "body", { ...words, y: line });
  for (const note of notes) line += page.writeAt(note, "soft", { ...words, y: line });
  for (const [at, hex] of colours.entries())
    page.doc
      .rect(
        words.x + words.width + at * 22 * letters + 4,
        y + height / 2 - 9 * letters,
        18 * letters,
        18 * letters,
      )
      .fill(hex);
  page.y = y + height;
  page.line(page.y, "plain", place);
}

/** An empty box to tick. */
function tick(page: Page, x: number, middle: number, side: number): void {
  page.doc
    .lineWidth(0.7)
    .strokeColor("#545454")
    .rect(x, middle - side / 2, side, side)
    .stroke();
}

/** Draws blocks one under the other. */
export function drawBlocks(page: Page, blocks: readonly Block[], place: Place = page.place): void {
  for (const [at, block] of blocks.entries())
    (drawers[block.is] as Drawn<typeof block.is>)(page, block, place, blocks.slice(at + 1));
}
