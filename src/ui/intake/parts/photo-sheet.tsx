"use client";

import { useEffect, useRef, useState, type PointerEvent } from "react";
import { notThePiece, type PhotoHints, type ReadPhoto } from "@/core/photo/colours-of-photo";
import type { Box, EraserStroke, Photo } from "@/core/photo/photo";
import { intakeWords } from "@/words/intake";

/** What a press on the photo does. */
export const photoTools = ["card", "crop", "rub"] as const;
export type PhotoTool = (typeof photoTools)[number];

interface PhotoSheetProps {
  readonly photo: Photo;
  readonly read: ReadPhoto | null;
  readonly tool: PhotoTool;
  readonly hints: PhotoHints;
  readonly onHints: (hints: PhotoHints) => void;
}

/** Half the breadth of the eraser and the side of a pointed-at card, as shares of the photo's shorter side. */
const rubber = 0.035;
const cardSide = 0.06;
/** A crop of less than this share of a side was a press, not a drag. */
const leastCrop = 0.05;

/** The photo with what is not the piece veiled; what is drawn on it says where the card is, what to look at, what to leave out. */
export function PhotoSheet({ photo, read, tool, hints, onHints }: PhotoSheetProps) {
  const sheet = useRef<HTMLCanvasElement>(null);
  const [from, setFrom] = useState<Point | null>(null);
  const [trail, setTrail] = useState<readonly Point[]>([]);
  useEffect(() => {
    if (sheet.current)
      paint(sheet.current, photo, read, {
        trail: tool === "rub" ? trail : [],
        crop: tool === "crop" && from ? [from, trail.at(-1) ?? from] : null,
      });
  }, [photo, read, trail, from, tool]);
  const short = Math.min(photo.width, photo.height);
  const placeOf = (event: PointerEvent<HTMLCanvasElement>): Point => {
    const box = event.currentTarget.getBoundingClientRect();
    return {
      x: ((event.clientX - box.left) / box.width) * photo.width,
      y: ((event.clientY - box.top) / box.height) * photo.height,
    };
  };
  const finish = (last: Point) => {
    if (!from) return;
    if (tool === "card") onHints({ ...hints, card: around(last, cardSide * short) });
    if (tool === "crop") onHints({ ...hints, crop: boxOf(from, last, leastCrop * short) });
    if (tool === "rub") {
      const stroke: EraserStroke = { points: [...trail, last], radius: rubber * short };
      onHints({ ...hints, strokes: [...hints.strokes, stroke] });
    }
    setFrom(null);
    setTrail([]);
  };
  return (
    <canvas
      ref={sheet}
      width={photo.width}
      height={photo.height}
      className="max-h-80 w-full touch-none cursor-crosshair border border-rule-strong bg-well object-contain"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setFrom(placeOf(event));
        setTrail([placeOf(event)]);
      }}
      onPointerMove={(event) => {
        if (from) setTrail([...trail, placeOf(event)]);
      }}
      onPointerUp={(event) => finish(placeOf(event))}
      onPointerCancel={() => setFrom(null)}
    >
      {intakeWords.thePhoto}
    </canvas>
  );
}

type Point = EraserStroke["points"][number];

function around({ x, y }: Point, side: number): Box {
  return { x: x - side / 2, y: y - side / 2, width: side, height: side };
}

function boxOf(one: Point, other: Point, least: number): Box | null {
  const [width, height] = [Math.abs(one.x - other.x), Math.abs(one.y - other.y)];
  if (width < least || height < least) return null;
  return { x: Math.min(one.x, other.x), y: Math.min(one.y, other.y), width, height };
}

/** What the pointer draws on the photo just now. */
interface Drawn {
  /** Under the eraser. */
  readonly trail: readonly Point[];
  /** Two corners of what is to be looked at. */
  readonly crop: readonly [Point, Point] | null;
}

function paint(
  canvas: HTMLCanvasElement,
  { width, height, data }: Photo,
  read: ReadPhoto | null,
  { trail, crop }: Drawn,
): void {
  const context = canvas.getContext("2d");
  if (!context) return;
  const pixels = new Uint8ClampedArray(data);
  if (read) veil(pixels, width, read);
  context.putImageData(new ImageData(pixels, width, height), 0, 0);
  context.lineWidth = Math.max(2, width / 200);
  context.strokeStyle = "#b3261e";
  if (read?.card) context.strokeRect(read.card.x, read.card.y, read.card.width, read.card.height);
  if (crop) context.strokeRect(crop[0].x, crop[0].y, crop[1].x - crop[0].x, crop[1].y - crop[0].y);
  if (trail.length > 1) {
    context.beginPath();
    for (const { x, y } of trail) context.lineTo(x, y);
    context.lineWidth = 2 * rubber * Math.min(width, height);
    context.lineCap = "round";
    context.globalAlpha = 0.5;
    context.stroke();
    context.globalAlpha = 1;
  }
}

/** Takes the strength out of all that is not the piece. */
function veil(pixels: Uint8ClampedArray, width: number, { area, across, down, cells }: ReadPhoto): void {
  const [wide, high] = [area.width / across, area.height / down];
  for (let pixel = 0; pixel * 4 < pixels.length; pixel += 1) {
    const column = Math.floor(((pixel % width) - area.x) / wide);
    const row = Math.floor((Math.floor(pixel / width) - area.y) / high);
    const isIn = column >= 0 && row >= 0 && column < across && row < down;
    if (isIn && cells[row * across + column] !== notThePiece) continue;
    for (let i = 0; i < 3; i += 1) {
      const at = pixel * 4 + i;
      pixels[at] = 205 + 0.2 * (pixels[at] ?? 0);
    }
  }
}
