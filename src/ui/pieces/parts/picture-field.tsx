"use client";

import { useState } from "react";
import { useController, useFormContext, useWatch } from "react-hook-form";
import { mostColours, type ClothPicture } from "@/core/scarf/picture";
import { swatchesOf } from "@/core/piece/picture-swatches";
import type { Swatch } from "@/core/piece/swatch";
import { templateNames, templatePicture, type TemplateName } from "@/core/scarf/templates";
import { piecesWords } from "@/words/pieces";
import { Button } from "../../kit/button";
import { Colours } from "./picture-colours";
import { Canvas } from "./picture-canvas";

interface PictureFieldProps {
  readonly name: string;
  readonly label: string;
  readonly help?: string | undefined;
}

/** A side that is used until the form has one that can be drawn, cm. */
const usualSide = 90;
/** How many steps back the field remembers. */
const mostSteps = 60;

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
  const remember = () => setPast([...past, picture].slice(-mostSteps));
  const keep = (next: ClothPicture | null) => {
    remember();
    show(next);
  };
  const stepBack = () => {
    show(past[past.length - 1] ?? null);
    setPast(past.slice(0, -1));
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
          <Canvas {...{ picture, sides, brush, label }} onBegin={remember} onPaint={show} />
        ) : (
          <p className="border border-dashed border-rule-strong p-6 text-ink-soft">
            {piecesWords.noPictureYet}
          </p>
        )}
      </div>
      <div className="grid content-start gap-3">
        {help && <p className="text-tiny text-ink-soft">{help}</p>}
        <Templates onBegin={begin} />
        {picture && <Colours picture={picture} brush={brush} onBrush={setBrush} onChange={keep} />}
        <TakeBack canStep={past.length > 0} onStep={stepBack} onClear={picture ? () => keep(null) : null} />
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

function Templates({ onBegin }: { readonly onBegin: (template: TemplateName) => void }) {
  return (
    <fieldset>
      <legend className="mb-1 text-tiny text-ink-soft">{piecesWords.beginFrom}</legend>
      <div className="flex flex-wrap gap-1.5">
        {templateNames.map((template) => (
          <Button key={template} size="small" onClick={() => onBegin(template)}>
            {templateWords[template]}
          </Button>
        ))}
      </div>
    </fieldset>
  );
}

interface TakeBackProps {
  readonly canStep: boolean;
  readonly onStep: () => void;
  /** Null where there is no picture to be without. */
  readonly onClear: (() => void) | null;
}

function TakeBack({ canStep, onStep, onClear }: TakeBackProps) {
  return (
    <div className="flex flex-wrap gap-1.5">
      <Button size="small" disabled={!canStep} onClick={onStep}>
        {piecesWords.oneStepBack}
      </Button>
      {onClear && (
        <Button size="small" onClick={onClear}>
          {piecesWords.withoutAPicture}
        </Button>
      )}
    </div>
  );
}
