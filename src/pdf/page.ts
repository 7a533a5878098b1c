import { join } from "node:path";
import PDFDocument from "pdfkit";
import type { SheetName } from "@/core/studio/paper-source";
import { drawSvg } from "./draw-svg";
import { makeForm, showForm, type KeptForm } from "./kept";
import { sheets } from "./sheets";

/** How words look: their font, size in points on half a sheet, and colour. */
interface Hand {
  readonly font: "serif" | "sans" | "bold";
  readonly size: number;
  readonly colour: string;
}

const ink = "#1b1b1b";
const soft = "#545454";
const thread = "#ae2c22";

export const hands = {
  cover: { font: "serif", size: 32, colour: ink },
  title: { font: "serif", size: 21, colour: ink },
  heading: { font: "bold", size: 8.5, colour: ink },
  body: { font: "sans", size: 8.5, colour: ink },
  soft: { font: "sans", size: 8, colour: soft },
  aside: { font: "serif", size: 11, colour: ink },
  number: { font: "serif", size: 13, colour: thread },
  foot: { font: "sans", size: 7, colour: soft },
} as const satisfies Record<string, Hand>;
export type HandName = keyof typeof hands;

const fonts = join("node_modules", "@expo-google-fonts");
const fontFiles: Readonly<Record<Hand["font"], string>> = {
  serif: join(fonts, "newsreader", "400Regular", "Newsreader_400Regular.ttf"),
  sans: join(fonts, "public-sans", "400Regular", "PublicSans_400Regular.ttf"),
  bold: join(fonts, "public-sans", "600SemiBold", "PublicSans_600SemiBold.ttf"),
};

/** Where words or a drawing stand on the page, in points from its upper left corner. */
export interface Place {
  readonly x: number;
  readonly width: number;
}

/** A place at a height, and one with a height of its own. */
interface Spot extends Place {
  readonly y: number;
}

interface Box extends Spot {
  readonly height: number;
}

/** What a document is called and who made it. */
interface NamedResource {
  readonly title: string;
  readonly author: string;
}

/** A document being written from the top down: it knows how far it has come, and turns the page where it ends. */
export class Page {
  readonly doc: PDFKit.PDFDocument;
  readonly sheet;
  y: number;
  private readonly forms = new WeakMap<object, KeptForm>();

  /** @param root the folder of the application, where its fonts lie */
  constructor(root: string, sheetName: SheetName, { title, author }: NamedResource) {
    this.sheet = sheets[sheetName];
    const { width, height, margin } = this.sheet;
    this.doc = new PDFDocument({
      size: [width, height],
      margin: 0,
      bufferPages: true,
      autoFirstPage: false,
      lang: "en",
      displayTitle: true,
      info: { Title: title, Author: author, Creator: "Juxtane" },
    });
    for (const [name, file] of Object.entries(fontFiles)) this.doc.registerFont(name, join(root, file));
    this.y = margin;
  }

  get place(): Place {
    const { width, margin } = this.sheet;
    return { x: margin, width: width - 2 * margin };
  }

  /** Where the last line may end: the foot stands below. */
  get bottom(): number {
    return this.sheet.height - this.sheet.margin - 10;
  }

  turn(): void {
    this.doc.addPage();
    this.y = this.sheet.margin;
  }

  /** Turns the page where so much does not fit any more; what is higher than a page begins at the top of one. */
  room(height: number): void {
    if (this.y + height > this.bottom && this.y > this.sheet.margin) this.turn();
  }

  gap(height: number): void {
    this.y += height * this.sheet.letters;
  }

  private take(hand: HandName): PDFKit.PDFDocument {
    const { font, size, colour } = hands[hand];
    return this.doc
      .font(font)
      .fontSize(size * this.sheet.letters)
      .fillColor(colour);
  }

  heightOf(text: string, hand: HandName, width: number): number {
    return this.take(hand).heightOfString(text, { width, lineGap: lineGap(hand) });
  }

  /** Writes at a place of its own, and leaves the page where it stands. @returns the height it took */
  writeAt(
    text: string,
    hand: HandName,
    { x, y, width }: Spot,
    options: PDFKit.Mixins.TextOptions = {},
  ): number {
    const height = this.heightOf(text, hand, width);
    this.take(hand).text(text, x, y, { width, lineGap: lineGap(hand), ...options });
    return height;
  }

  /** Writes where the page stands, and goes on below. */
  write(text: string, hand: HandName, place: Place = this.place): void {
    this.room(this.heightOf(text, hand, place.width));
    this.y += this.writeAt(text, hand, { ...place, y: this.y });
  }

  /** Draws within a box, as large as it goes in. */
  draw(svg: string, box: Box): void {
    drawSvg(this.doc, svg, box);
  }

  /** Draws as above what is shown again and again: made the first time, by a key of its own. */
  drawKept(key: object, svg: () => string, { x, y, width, height }: Box): void {
    const form =
      this.forms.get(key) ??
      makeForm(this.doc, [0, 0, width, height], false, () => this.draw(svg(), { x: 0, y: 0, width, height }));
    this.forms.set(key, form);
    this.doc.save().translate(x, y);
    showForm(this.doc, form);
    this.doc.restore();
  }

  /** A line across; stitched in the colour of thread under a title. */
  line(y: number, kind: "plain" | "stitched", { x, width }: Place = this.place): void {
    this.doc.save();
    if (kind === "stitched") this.doc.lineWidth(1.4).dash(7, { space: 4 }).strokeColor(thread);
    else this.doc.lineWidth(0.5).strokeColor("#cacaca");
    this.doc
      .moveTo(x, y)
      .lineTo(x + width, y)
      .stroke()
      .restore();
  }
}

function lineGap(hand: HandName): number {
  return hand === "title" || hand === "cover" ? -2 : 1.5;
}
