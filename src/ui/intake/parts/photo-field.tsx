"use client";

import { useState } from "react";
import { useFormContext, useWatch } from "react-hook-form";
import { clothPictureOf } from "@/core/photo/cloth-picture";
import { noHints, type PhotoHints } from "@/core/photo/colours-of-photo";
import type { Photo } from "@/core/photo/photo";
import { intakeWords } from "@/words/intake";
import { Button } from "../../kit/button";
import { Segments } from "../../kit/segments";
import { TextButton } from "../../kit/text-button";
import { FileButton } from "./file-button";
import { PhotoSheet, photoTools, type PhotoTool } from "./photo-sheet";
import { usePhotoColours, type PhotoColours } from "../state/use-photo-colours";

interface PhotoFieldProps {
  /** Where the photo that is kept already is fetched from; null where there is none. */
  readonly kept: string | null;
}

const toolNames: Readonly<Record<PhotoTool, string>> = {
  card: intakeWords.greyCard,
  crop: intakeWords.lookAtAPart,
  rub: intakeWords.rubOut,
};

/** A photo of the piece: its colours are found on the page and taken into the form, and it is kept beside the drawing. */
export function PhotoField({ kept }: PhotoFieldProps) {
  const sent = useWatch({ name: "photo" }) as string | null | undefined;
  const field = usePhotoColours(kept);
  const { photo, say } = field;
  const shown = typeof sent === "string" ? `data:image/jpeg;base64,${sent}` : sent === null ? null : kept;
  return (
    <div className="grid gap-2 border border-rule-strong bg-paper p-3" id="field-photo" tabIndex={-1}>
      {photo ? (
        <SheetWithTools field={field} photo={photo} />
      ) : (
        shown && <img src={shown} alt={intakeWords.thePhoto} className="max-h-80 w-full object-contain" />
      )}
      <p role="status" className={say === "" ? "hidden" : "text-small"}>
        {say}
      </p>
      {photo && <WhatElse field={field} />}
      <div className="flex flex-wrap gap-2">
        <FileButton say={intakeWords.takeAPhoto} camera onFile={field.open} />
        <FileButton say={intakeWords.chooseAPicture} onFile={field.open} />
        {shown && (
          <Button look="quiet" onClick={field.leave}>
            {intakeWords.withoutPhoto}
          </Button>
        )}
      </div>
    </div>
  );
}

interface SheetWithToolsProps {
  readonly field: PhotoColours;
  readonly photo: Photo;
}

/** The photo, and what a press on it does. */
function SheetWithTools({ field: { read, hints, setHints }, photo }: SheetWithToolsProps) {
  const [tool, setTool] = useState<PhotoTool>("card");
  return (
    <>
      <PhotoSheet {...{ photo, read, tool, hints }} onHints={setHints} />
      <Segments
        label={intakeWords.whatAPressDoes}
        size="tiny"
        value={tool}
        onChange={setTool}
        segments={photoTools.map((value) => ({ value, shown: toolNames[value] }))}
      />
      <p className="text-tiny text-ink-soft">{toolHelp[tool]}</p>
    </>
  );
}

const toolHelp: Readonly<Record<PhotoTool, string>> = {
  card: intakeWords.pressTheCard,
  crop: intakeWords.drawAroundThePart,
  rub: intakeWords.strokeOverWhatIsNot,
};

/** What else can be done with a photo that was read: take back what it did, and use it as the picture of a cloth. */
function WhatElse({ field }: { readonly field: PhotoColours }) {
  const { setValue } = useFormContext();
  const kind = useWatch({ name: "piece.kind" }) as string;
  const { before, hints, setHints, read, putBack } = field;
  return (
    <p className="flex flex-wrap gap-x-3 gap-y-1">
      {before && (
        <TextButton className="min-h-6 touch:min-h-11" onClick={putBack}>
          {intakeWords.coloursBefore}
        </TextButton>
      )}
      {hasHints(hints) && (
        <TextButton className="min-h-6 touch:min-h-11" onClick={() => setHints(noHints)}>
          {intakeWords.startAnew}
        </TextButton>
      )}
      {kind === "scarf" && read && (
        <TextButton
          className="min-h-6 touch:min-h-11"
          onClick={() => {
            const picture = clothPictureOf(read);
            if (picture) setValue("piece.figures.picture", picture, { shouldDirty: true });
          }}
        >
          {intakeWords.asItsPicture}
        </TextButton>
      )}
    </p>
  );
}

function hasHints({ card, crop, strokes }: PhotoHints): boolean {
  return card !== null || crop !== null || strokes.length > 0;
}
