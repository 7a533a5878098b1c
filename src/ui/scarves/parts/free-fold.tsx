"use client";

import { useState, type PointerEvent } from "react";
import { picturedOn, type Scarf } from "@/core/piece/tied-scarf";
import { extentOf, flatCloth, folded as foldedBy, type FoldStep } from "@/core/scarf/fold";
import { sidesOf, type Cloth } from "@/core/scarf/tied";
import { sayWith } from "@/words/say";
import { scarvesWords } from "@/words/scarves";
import { Button } from "../../kit/button";
import { Toggle } from "../../kit/toggle";
import { FoldedPicture } from "../../drawing/scarf/folded-picture";
import { foldOver, isTooShort, lineAtMiddle, type Box, type Line, type Spot } from "../state/fold-line";

interface FreeFoldProps {
  readonly scarf: Scarf;
  readonly cloth: Cloth;
  readonly steps: readonly FoldStep[];
  readonly onSteps: (steps: readonly FoldStep[]) => void;
}

/** How many folds by hand a cloth bears. */
const mostFolds = 8;

/** The scarf on the table: a line drawn across it with the pointer folds the smaller side over, or under. */
export function FreeFold({ scarf, cloth, steps, onSteps }: FreeFoldProps) {
  const sides = sidesOf(cloth);
  const [over, setOver] = useState(true);
  const [refused, setRefused] = useState(false);
  const folded = foldedBy(flatCloth(...sides), steps);
  const { along, across } = extentOf(folded, 0);
  const box: Box = [along.from - 1, -across.to - 1, along.to - along.from + 2, across.to - across.from + 2];
  const foldAlong = (line: Line) => {
    if (isTooShort(line)) return;
    const step = foldOver(folded, line, over);
    setRefused(step === null);
    if (step) onSteps([...steps, step]);
  };
  const isFull = steps.length >= mostFolds;
  return (
    <div className="border border-rule-strong bg-paper p-4">
      <div className="relative">
        <FoldedPicture
          folded={folded}
          picture={picturedOn(scarf)}
          sides={sides}
          axis={0}
          view="front"
          paler={scarf.figures.paler}
          label={sayWith(scarvesWords.onTheTable, { name: scarf.name })}
          className="max-h-96 w-full"
        />
        <Pencil box={box} isFull={isFull} onLine={foldAlong} />
      </div>
      <p className="mt-3 text-tiny text-ink-soft" role="status">
        {refused
          ? scarvesWords.lineMissesCloth
          : isFull
            ? scarvesWords.foldedOftenEnough
            : scarvesWords.drawALine}
      </p>
      <div className="mt-2 flex flex-wrap gap-1.5">
        {halves.map(({ words, way }) => (
          <Button key={way} size="small" disabled={isFull} onClick={() => foldAlong(lineAtMiddle(box, way))}>
            {words}
          </Button>
        ))}
        <Toggle on={!over} onChange={(under) => setOver(!under)}>
          {scarvesWords.foldUnder}
        </Toggle>
        <Button size="small" disabled={steps.length === 0} onClick={() => onSteps(steps.slice(0, -1))}>
          {scarvesWords.unfoldOnce}
        </Button>
        <Button size="small" disabled={steps.length === 0} onClick={() => onSteps([])}>
          {scarvesWords.spreadFlat}
        </Button>
      </div>
    </div>
  );
}

const halves = [
  { words: scarvesWords.inHalfAcross, way: "across" },
  { words: scarvesWords.inHalfAlong, way: "along" },
  { words: scarvesWords.cornerToCorner, way: "corner" },
] as const;

interface PencilProps {
  readonly box: Box;
  readonly isFull: boolean;
  readonly onLine: (line: Line) => void;
}

/** Lies over the cloth: a line that is drawn across it is handed on when the pointer lets go. */
function Pencil({ box, isFull, onLine }: PencilProps) {
  const [drawn, setDrawn] = useState<Line | null>(null);
  return (
    <svg
      viewBox={box.join(" ")}
      aria-hidden="true"
      className="absolute inset-0 size-full cursor-crosshair touch-none"
      onPointerDown={(event) => {
        if (isFull) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        const at = spotOf(event);
        setDrawn([at, at]);
      }}
      onPointerMove={(event) => drawn && setDrawn([drawn[0], spotOf(event)])}
      onPointerUp={() => {
        if (drawn) onLine(drawn);
        setDrawn(null);
      }}
    >
      {drawn && (
        <line
          x1={drawn[0].x}
          y1={-drawn[0].y}
          x2={drawn[1].x}
          y2={-drawn[1].y}
          stroke="var(--thread)"
          strokeWidth={0.8}
          strokeDasharray="2 1.2"
        />
      )}
    </svg>
  );
}

/** Where on the table a pointer is, cm. */
function spotOf(event: PointerEvent<SVGSVGElement>): Spot {
  const place = event.currentTarget.getScreenCTM();
  if (!place) return { x: 0, y: 0 };
  const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(place.inverse());
  return { x, y: -y };
}
