import { dress } from "@/core/dressing/dress";
import { wornSlot } from "@/core/piece/adjustment";
import type { Look } from "@/core/piece/look";
import type { Piece } from "@/core/piece/piece";
import { slots } from "@/core/piece/slots";
import { Figure } from "../../drawing/figure/figure";
import { Plate } from "../../drawing/plate";
import { standAlone } from "../../kit/save-file";
import { drawnAside } from "../state/drawn-aside";
import { withoutPhoto } from "@/core/piece/piece";

/** As a phone is held, in pixels. */
const size = { width: 1080, height: 1920 };
const margin = 64;
const colours = { ground: "#f5f5f5", ink: "#1b1b1b", soft: "#545454", thread: "#ae2c22" };
const serif = '"Newsreader Variable", serif';
const sans = '"Public Sans Variable", sans-serif';

interface Pictured {
  readonly look: Look;
  /** What the look is called, and when and where it is worn. */
  readonly name: string;
  readonly under: string;
}

/** A look as a picture for a phone: its name, the figure to scale, and each piece. @throws where the browser cannot draw it */
export async function phonePicture({ look, name, under }: Pictured): Promise<Blob> {
  const canvas = document.createElement("canvas");
  Object.assign(canvas, size);
  const context = canvas.getContext("2d");
  if (!context) throw new Error("no canvas");
  await document.fonts.ready;
  context.fillStyle = colours.ground;
  context.fillRect(0, 0, size.width, size.height);
  let y = margin;
  y = write(context, look.client.name, {
    x: margin,
    y,
    width: 950,
    font: `34px ${sans}`,
    colour: colours.soft,
  });
  y = write(context, name, { x: margin, y: y + 4, width: 950, font: `76px ${serif}`, colour: colours.ink });
  if (under)
    y = write(context, under, {
      x: margin,
      y: y + 8,
      width: 950,
      font: `34px ${sans}`,
      colour: colours.soft,
    });
  y = stitch(context, y + 24) + 40;
  const tall = size.height - y - margin;
  const figure = <Figure dressed={dress(look)} unit="cm" label={name} plain className="" />;
  await place(context, drawnAside(figure), { x: 20, y, width: 700, height: tall });
  await column(context, inOrder(look), y, tall);
  return await new Promise<Blob>((resolve, reject) =>
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error("no picture"))), "image/png"),
  );
}

/** The pieces of a look, the clothes first. */
function inOrder({ garments, accessories, adjustments }: Look): Piece[] {
  return [
    ...garments,
    ...slots.flatMap((slot) => accessories.filter((piece) => wornSlot(piece, adjustments) === slot)),
  ];
}

interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Puts a drawing into a box, as large as it goes in, in the middle. */
async function place(context: CanvasRenderingContext2D, drawing: SVGSVGElement, box: Box): Promise<void> {
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(standAlone(drawing))}`;
  await image.decode();
  const scale = Math.min(box.width / image.width, box.height / image.height);
  const [width, height] = [image.width * scale, image.height * scale];
  context.drawImage(image, box.x + (box.width - width) / 2, box.y + (box.height - height) / 2, width, height);
}

/** The pieces one under the other on the right, each with its name. */
async function column(
  context: CanvasRenderingContext2D,
  pieces: readonly Piece[],
  top: number,
  tall: number,
) {
  const cell = Math.min(230, tall / Math.max(1, pieces.length));
  const [x, width] = [720, size.width - 720 - margin / 2];
  for (const [at, piece] of pieces.entries()) {
    const y = top + at * cell;
    await place(context, drawnAside(<Plate piece={withoutPhoto(piece)} />), {
      x,
      y,
      width,
      height: cell - 74,
    });
    write(context, piece.name, {
      x,
      y: y + cell - 70,
      width,
      font: `26px ${sans}`,
      colour: colours.ink,
      lines: 2,
      centred: true,
    });
  }
}

interface Hand {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly font: string;
  readonly colour: string;
  /** At most so many lines; what is longer ends in dots. */
  readonly lines?: number;
  readonly centred?: boolean;
}

/** Writes within a width, line under line. @returns where the next line would stand */
function write(context: CanvasRenderingContext2D, text: string, hand: Hand): number {
  const { x, y, width, font, colour, lines: most = 2, centred = false } = hand;
  context.font = font;
  context.fillStyle = colour;
  context.textBaseline = "top";
  context.textAlign = centred ? "center" : "left";
  const lines: string[] = [""];
  for (const word of text.split(" ")) {
    const line = `${lines.at(-1)} ${word}`.trim();
    if (lines.at(-1) === "" || context.measureText(line).width <= width) lines[lines.length - 1] = line;
    else lines.push(word);
  }
  const shown = lines.length > most ? [...lines.slice(0, most - 1), `${lines[most - 1]} ...`] : lines;
  const step = (Number.parseInt(font, 10) || 0) * 1.2;
  for (const [at, line] of shown.entries())
    context.fillText(line, centred ? x + width / 2 : x, y + at * step, width);
  return y + shown.length * step;
}

/** A line of stitches across. @returns where it is */
function stitch(context: CanvasRenderingContext2D, y: number): number {
  context.save();
  context.strokeStyle = colours.thread;
  context.lineWidth = 5;
  context.setLineDash([26, 14]);
  context.beginPath();
  context.moveTo(margin, y);
  context.lineTo(size.width - margin, y);
  context.stroke();
  context.restore();
  return y;
}
