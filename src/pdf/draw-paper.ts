import type { SheetName } from "@/core/studio/paper-source";
import { papersWords } from "@/words/papers";
import { sayWith } from "@/words/say";
import type { Paper, Part } from "@/ui/papers/state/paper";
import { drawBlocks } from "./blocks";
import { Page } from "./page";

/** How far a paper has come. */
export type Tell = (at: number, of: number) => void;

/** Lines of contents on a page. */
const linesOnAPage = 30;

/**
 * Draws a paper as a PDF: vector drawings, embedded fonts, a page for each part.
 * @param root the folder of the application
 * @param tell told how many parts are drawn
 */
export async function drawPaper(paper: Paper, sheet: SheetName, root: string, tell: Tell): Promise<Buffer> {
  const page = new Page(root, sheet, paper);
  const whole = collect(page.doc);
  const starts: { readonly part: Part; readonly page: number; readonly id: string }[] = [];
  const listed = paper.parts.filter(({ name }) => name !== "");
  const contents = paper.hasContents ? Math.ceil(listed.length / linesOnAPage) : 0;
  for (const [at, part] of paper.parts.entries()) {
    page.turn();
    const id = `part ${at}`;
    if (part.name !== "") {
      starts.push({ part, id, page: page.doc.bufferedPageRange().count });
      page.doc.addNamedDestination(id);
      page.doc.outline.addItem(part.name);
    }
    drawBlocks(page, part.blocks);
    // The contents stand behind the first part: their pages are left free, and written when all numbers are known.
    if (at === 0) for (let free = 0; free < contents; free += 1) page.turn();
    tell(at + 1, paper.parts.length);
  }
  if (contents > 0) writeContents(page, starts);
  writeFeet(page, paper);
  page.doc.end();
  return whole;
}

function collect(doc: PDFKit.PDFDocument): Promise<Buffer> {
  const chunks: Buffer[] = [];
  return new Promise((resolve, reject) => {
    doc.on("data", (chunk: Buffer) => chunks.push(chunk));
    doc.on("end", () => resolve(Buffer.concat(chunks)));
    doc.on("error", reject);
  });
}

interface Start {
  readonly part: Part;
  readonly page: number;
  readonly id: string;
}

/** The contents, on the pages that were left free behind the first. */
function writeContents(page: Page, starts: readonly Start[]): void {
  let under = "";
  for (const [at, { part, page: number, id }] of starts.entries()) {
    if (at % linesOnAPage === 0) {
      page.doc.switchToPage(1 + at / linesOnAPage);
      page.y = page.sheet.margin;
      page.write(papersWords.contents, "title");
      page.gap(5);
      page.line(page.y, "stitched");
      page.gap(12);
    }
    if (part.under !== under && part.under !== "") {
      page.gap(3);
      page.y += page.writeAt(part.under, "soft", { ...page.place, y: page.y });
    }
    under = part.under;
    const { x, width } = page.place;
    const figures = 24 * page.sheet.letters;
    const height = page.writeAt(part.name, "body", { x, y: page.y, width: width - figures }, { goTo: id });
    page.writeAt(
      String(number),
      "body",
      { x: x + width - figures, y: page.y, width: figures },
      {
        align: "right",
        goTo: id,
      },
    );
    page.y += height + 1;
  }
}

/** What each page but a cover ends with. */
function writeFeet(page: Page, { title, hasContents }: Paper): void {
  const { count } = page.doc.bufferedPageRange();
  if (count === 1) return;
  for (let at = hasContents ? 1 : 0; at < count; at += 1) {
    page.doc.switchToPage(at);
    const words = sayWith(papersWords.pageOf, { title, page: at + 1 });
    page.writeAt(words, "foot", { ...page.place, y: page.sheet.height - page.sheet.margin + 2 });
  }
}
