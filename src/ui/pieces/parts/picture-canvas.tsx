"use client";

import { useRef, useState, type PointerEvent } from "react";
import { mapOf, pictureOf, type ClothPicture } from "@/core/scarf/picture";
import { piecesWords } from "@/words/pieces";
import { sayWith } from "@/words/say";
import { FlatPicture } from "../../drawing/scarf/flat-picture";

/** A cell of the picture, counted from the upper left. */
interface Cell {
  readonly x: number;
  readonly y: number;
}

interface CanvasProps {
  readonly picture: ClothPicture;
  readonly sides: readonly [number, number];
  readonly brush: number;
  readonly label: string;
  /** A stroke begins: what stands now is what a step back returns to. */
  readonly onBegin: () => void;
  readonly onPaint: (picture: ClothPicture) => void;
}

/** The flat picture to paint on: a stroke with the pointer, or the arrows and the space bar. */
export function Canvas({ picture, sides, brush, label, onBegin, onPaint }: CanvasProps) {
  const [wide, tall] = sides;
  const rows = mapOf(picture).rows;
  const [across, down] = [rows[0]?.length ?? 1, rows.length];
  const [cursor, setCursor] = useState<Cell | null>(null);
  // A stroke paints on what it has painted itself, though the form has not come round yet.
  const stroke = useRef<number[][] | null>(null);
  const colour = Math.min(brush, picture.colours.length - 1);
  const paint = (x: number, y: number) => {
    const cells = stroke.current;
    const row = cells?.[y];
    if (!cells || !row || x < 0 || x >= across || row[x] === colour) return;
    row[x] = colour;
    onPaint(pictureOf(picture.colours, cells));
  };
  const cellAt = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    return [
      Math.floor(((event.clientX - box.left) / box.width) * across),
      Math.floor(((event.clientY - box.top) / box.height) * down),
    ] as const;
  };
  return (
    <svg
      viewBox={`0 0 ${wide} ${tall}`}
      tabIndex={0}
      role="application"
      aria-label={sayWith(piecesWords.pictureOfCells, { label, across, down })}
      className="w-full cursor-crosshair touch-none border border-rule-strong"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        stroke.current = rows.map((row) => [...row]);
        onBegin();
        paint(...cellAt(event));
      }}
      onPointerMove={(event) => stroke.current && paint(...cellAt(event))}
      onPointerUp={() => {
        stroke.current = null;
      }}
      onBlur={() => setCursor(null)}
      onKeyDown={(event) => {
        const step = arrows[event.key];
        const at = cursor ?? { x: 0, y: 0 };
        if (step) setCursor(movedBy(step, at, [across, down]));
        else if (event.key === " ") {
          onBegin();
          stroke.current = rows.map((row) => [...row]);
          paint(at.x, at.y);
          stroke.current = null;
        } else return;
        event.preventDefault();
      }}
    >
      <FlatPicture picture={picture} sides={sides} />
      {cursor && <Cursor {...cursor} wide={wide / across} tall={tall / down} line={wide / 120} />}
    </svg>
  );
}

interface CursorProps extends Cell {
  /** Of a cell. */
  readonly wide: number;
  readonly tall: number;
  readonly line: number;
}

/** The cell the keys paint next: white within black, to be seen on any colour. */
function Cursor({ x, y, wide, tall, line }: CursorProps) {
  return (
    <rect
      x={x * wide}
      y={y * tall}
      width={wide}
      height={tall}
      fill="none"
      stroke="#fff"
      strokeWidth={line}
      style={{ outline: "1px solid #000" }}
    />
  );
}

/** The cell next to another, on the picture. */
function movedBy(
  [dx, dy]: readonly [number, number],
  { x, y }: Cell,
  [across, down]: readonly [number, number],
): Cell {
  return { x: Math.min(across - 1, Math.max(0, x + dx)), y: Math.min(down - 1, Math.max(0, y + dy)) };
}

const arrows: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};
