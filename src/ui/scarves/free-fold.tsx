"use client";

import { useState, type PointerEvent } from "react";
import { picturedOn, type Scarf } from "@/core/piece/tied-scarf";
import { extentOf, flatCloth, fold, folded as foldedBy, type FoldStep } from "@/core/scarf/fold";
import { areaOf } from "@/core/scarf/plane";
import { sidesOf, type Cloth } from "@/core/scarf/tied";
import { sayWith } from "@/words/say";
import { scarvesWords } from "@/words/scarves";
import { Button } from "../kit/button";
import { Toggle } from "../kit/toggle";
import { FoldedPicture } from "../drawing/scarf/folded-picture";

interface FreeFoldProps {
  readonly scarf: Scarf;
  readonly cloth: Cloth;
  readonly steps: readonly FoldStep[];
  readonly onSteps: (steps: readonly FoldStep[]) => void;
}

interface Spot {
  readonly x: number;
  readonly y: number;
}

/** How many folds by hand a cloth bears, and how short a drawn line is no line, cm. */
const mostFolds = 8;
const shortest = 3;

/** The scarf on the table: a line drawn across it with the pointer folds the smaller side over, or under. */
export function FreeFold({ scarf, cloth, steps, onSteps }: FreeFoldProps) {
  const sides = sidesOf(cloth);
  const [drawn, setDrawn] = useState<readonly [Spot, Spot] | null>(null);
  const [over, setOver] = useState(true);
  const [refused, setRefused] = useState(false);
  const folded = foldedBy(flatCloth(...sides), steps);
  const { along, across } = extentOf(folded, 0);
  const box = [
    along.from - 1,
    -across.to - 1,
    along.to - along.from + 2,
    across.to - across.from + 2,
  ] as const;
  const spotOf = (event: PointerEvent<SVGSVGElement>): Spot => {
    const place = event.currentTarget.getScreenCTM();
    if (!place) return { x: 0, y: 0 };
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(place.inverse());
    return { x, y: -y };
  };
  const foldAlong = ([from, to]: readonly [Spot, Spot]) => {
    if (Math.hypot(to.x - from.x, to.y - from.y) < shortest) return;
    const angle = (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI;
    const step = smallerSide(folded, { through: from, angle, side: "left", over });
    setRefused(step === null);
    if (step) onSteps([...steps, step]);
  };
  const halves: readonly (readonly [string, readonly [Spot, Spot]])[] = [
    [scarvesWords.inHalfAcross, lineAtMiddle(box, "across")],
    [scarvesWords.inHalfAlong, lineAtMiddle(box, "along")],
    [scarvesWords.cornerToCorner, lineAtMiddle(box, "corner")],
  ];
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
            if (drawn) foldAlong(drawn);
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
      </div>
      <p className="mt-3 text-tiny text-ink-soft" role="status">
        {refused
          ? scarvesWords.lineMissesCloth
          : isFull
            ? scarvesWords.foldedOftenEnough
            : scarvesWords.drawALine}
      </p>
      <div className="mt-2 flex flex-wrap gap-1.5">
        {halves.map(([words, line]) => (
          <Button key={words} size="small" disabled={isFull} onClick={() => foldAlong(line)}>
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

/** A line through the middle of what lies there. */
function lineAtMiddle(
  [x, y, wide, tall]: readonly [number, number, number, number],
  way: "across" | "along" | "corner",
): readonly [Spot, Spot] {
  const middle = { x: x + wide / 2, y: -(y + tall / 2) };
  if (way === "across")
    return [
      { x: middle.x, y: -(y + tall) },
      { x: middle.x, y: -y },
    ];
  if (way === "along")
    return [
      { x, y: middle.y },
      { x: x + wide, y: middle.y },
    ];
  return [
    { x, y: -(y + tall) },
    { x: x + wide, y: -y },
  ];
}

/** The fold with the smaller side as the one that moves; null where the line does not cross the cloth. */
function smallerSide(cloth: Parameters<typeof fold>[0], step: FoldStep): FoldStep | null {
  const before = cloth.layers.length;
  const left = movedArea(cloth, step);
  const right = movedArea(cloth, { ...step, side: "right" });
  if (before === 0 || left < 1 || right < 1) return null;
  return left <= right ? step : { ...step, side: "right" };
}

/** How much of the cloth a fold turns over, cm2: what lies to the side that moves. */
function movedArea(cloth: Parameters<typeof fold>[0], step: FoldStep): number {
  const turned = fold(cloth, step).layers;
  // What stays keeps its way to the flat cloth; what moved has a new one.
  const known = new Set(cloth.layers.map(({ toFlat }) => toFlat));
  return turned
    .filter(({ toFlat }) => !known.has(toFlat))
    .reduce((sum, { outline }) => sum + areaOf(outline), 0);
}
