"use client";

import { useRef, useState, type PointerEvent } from "react";
import { useController, useFormContext, useWatch } from "react-hook-form";
import { mapOf, mostColours, pictureOf, type ClothPicture } from "@/core/scarf/picture";
import { swatchesOf } from "@/core/piece/picture-swatches";
import type { Swatch } from "@/core/piece/swatch";
import { templateNames, templatePicture, type TemplateName } from "@/core/scarf/templates";
import { piecesWords } from "@/words/pieces";
import { sayWith } from "@/words/say";
import { Button } from "../kit/button";
import { FlatPicture } from "../drawing/scarf/flat-picture";

interface PictureFieldProps {
  readonly name: string;
  readonly label: string;
  readonly help?: string | undefined;
}

/** A side that is used until the form has one that can be drawn, cm. */
const usualSide = 90;
/** How many steps back the field remembers. */
const remembered = 60;

/** The picture of a scarf, begun from a template and painted cell by cell; the colours of the piece follow from it. */
export function PictureField({ name, label, help }: PictureFieldProps) {
  const { field } = useController({ name });
  const { setValue } = useFormContext();
  const picture = field.value as ClothPicture | null;
  const figures = useWatch({ name: "piece.figures" }) as Readonly<Record<string, unknown>>;
  const swatches = useWatch({ name: "piece.swatches" }) as readonly Swatch[];
  const [past, setPast] = useState<readonly (ClothPicture | null)[]>([]);
  const [brush, setBrush] = useState(0);
  const sides = [sideOf(figures.sideA), sideOf(figures.sideB)] as const;
  const show = (next: ClothPicture | null) => {
    field.onChange(next);
    if (!next) return;
    const paler = typeof figures.paler === "number" ? figures.paler : 0;
    setValue("piece.swatches", swatchesOf(next, paler), { shouldDirty: true });
  };
  const keep = (next: ClothPicture | null) => {
    setPast([...past, picture].slice(-remembered));
    show(next);
  };
  const begin = (template: TemplateName) => {
    const seen = picture?.colours ?? swatches.filter(({ role }) => role !== "reverse").map(({ hex }) => hex);
    keep(templatePicture(template, seen.slice(0, mostColours), sides));
  };
  return (
    <div className="col-span-full grid gap-3 border border-rule bg-paper p-3 sm:grid-cols-[minmax(0,18rem)_minmax(0,1fr)]">
      <div>
        <p className="mb-1 font-medium" id={`${name}-label`}>
          {label}
        </p>
        {picture ? (
          <Canvas
            picture={picture}
            sides={sides}
            brush={brush}
            label={label}
            onBegin={() => setPast([...past, picture].slice(-remembered))}
            onPaint={show}
          />
        ) : (
          <p className="border border-dashed border-rule-strong p-6 text-ink-soft">
            {piecesWords.noPictureYet}
          </p>
        )}
      </div>
      <div className="grid content-start gap-3">
        {help && <p className="text-tiny text-ink-soft">{help}</p>}
        <fieldset>
          <legend className="mb-1 text-tiny text-ink-soft">{piecesWords.beginFrom}</legend>
          <div className="flex flex-wrap gap-1.5">
            {templateNames.map((template) => (
              <Button key={template} size="small" onClick={() => begin(template)}>
                {templateWords[template]}
              </Button>
            ))}
          </div>
        </fieldset>
        {picture && <Colours picture={picture} brush={brush} onBrush={setBrush} onChange={keep} />}
        <div className="flex flex-wrap gap-1.5">
          <Button
            size="small"
            disabled={past.length === 0}
            onClick={() => {
              show(past[past.length - 1] ?? null);
              setPast(past.slice(0, -1));
            }}
          >
            {piecesWords.oneStepBack}
          </Button>
          {picture && (
            <Button size="small" onClick={() => keep(null)}>
              {piecesWords.withoutAPicture}
            </Button>
          )}
        </div>
        {picture && <p className="text-tiny text-ink-soft">{piecesWords.paintWithPointer}</p>}
      </div>
    </div>
  );
}

const templateWords: Record<TemplateName, string> = {
  plain: piecesWords.templatePlain,
  border: piecesWords.templateBorder,
  quarters: piecesWords.templateQuarters,
  stripes: piecesWords.templateStripes,
  "all-over": piecesWords.templateAllOver,
  picture: piecesWords.templatePicture,
};

function sideOf(value: unknown): number {
  return typeof value === "number" && value > 0 ? value : usualSide;
}

interface ColoursProps {
  readonly picture: ClothPicture;
  readonly brush: number;
  readonly onBrush: (colour: number) => void;
  readonly onChange: (picture: ClothPicture) => void;
}

/** The colours of a picture: one is painted with, each can be changed, and more can be added. */
function Colours({ picture, brush, onBrush, onChange }: ColoursProps) {
  const { colours } = picture;
  const at = Math.min(brush, colours.length - 1);
  return (
    <fieldset>
      <legend className="mb-1 text-tiny text-ink-soft">{piecesWords.paintWith}</legend>
      <div className="flex flex-wrap items-center gap-1.5">
        {colours.map((hex, colour) => (
          <button
            key={colour}
            type="button"
            aria-pressed={colour === at}
            aria-label={sayWith(piecesWords.paintWithColour, { number: colour + 1, hex })}
            onClick={() => onBrush(colour)}
            style={{ background: hex }}
            className="size-9 border border-rule-strong aria-pressed:outline-2 aria-pressed:outline-offset-2 aria-pressed:outline-ink touch:size-11"
          />
        ))}
        {colours.length < mostColours && (
          <Button
            size="small"
            onClick={() => {
              onChange({ ...picture, colours: [...colours, "#888888"] });
              onBrush(colours.length);
            }}
          >
            {piecesWords.anotherColour}
          </Button>
        )}
      </div>
      <label className="mt-2 flex items-center gap-2 text-tiny">
        {piecesWords.thisColourIs}
        <input
          type="color"
          value={colours[at] ?? "#888888"}
          onChange={(event) =>
            onChange({ ...picture, colours: colours.map((hex, i) => (i === at ? event.target.value : hex)) })
          }
          className="h-9 w-14 border border-rule-strong bg-paper p-0.5 touch:h-11"
        />
      </label>
    </fieldset>
  );
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
function Canvas({ picture, sides, brush, label, onBegin, onPaint }: CanvasProps) {
  const [wide, tall] = sides;
  const rows = mapOf(picture).rows;
  const [across, down] = [rows[0]?.length ?? 1, rows.length];
  const [cursor, setCursor] = useState<{ x: number; y: number } | null>(null);
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
        if (step) {
          const [dx, dy] = step;
          setCursor({
            x: Math.min(across - 1, Math.max(0, at.x + dx)),
            y: Math.min(down - 1, Math.max(0, at.y + dy)),
          });
        } else if (event.key === " ") {
          onBegin();
          stroke.current = rows.map((row) => [...row]);
          paint(at.x, at.y);
          stroke.current = null;
        } else return;
        event.preventDefault();
      }}
    >
      <FlatPicture picture={picture} sides={sides} />
      {cursor && (
        <rect
          x={(cursor.x * wide) / across}
          y={(cursor.y * tall) / down}
          width={wide / across}
          height={tall / down}
          fill="none"
          stroke="#fff"
          strokeWidth={wide / 120}
          style={{ outline: "1px solid #000" }}
        />
      )}
    </svg>
  );
}

const arrows: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};
