"use client";

import { useCallback, useEffect, useState } from "react";
import { useFormContext, useWatch } from "react-hook-form";
import { clothPictureOf } from "@/core/photo/cloth-picture";
import { noHints, type PhotoHints, type ReadPhoto } from "@/core/photo/colours-of-photo";
import type { Photo } from "@/core/photo/photo";
import type { Swatch } from "@/core/piece/swatch";
import { intakeWords } from "@/words/intake";
import { sayWith } from "@/words/say";
import { Button } from "../kit/button";
import { Segments } from "../kit/segments";
import { TextButton } from "../kit/text-button";
import { PhotoSheet, photoTools, type PhotoTool } from "./photo-sheet";
import { mostPictureBytes, openedPicture } from "./shrink";
import { useIntake } from "./use-intake";

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
  const { setValue, getValues } = useFormContext();
  const sent = useWatch({ name: "photo" }) as string | null | undefined;
  const kind = useWatch({ name: "piece.kind" }) as string;
  const intake = useIntake();
  const [photo, setPhoto] = useState<Photo | null>(null);
  const [hints, setHints] = useState<PhotoHints>(noHints);
  const [tool, setTool] = useState<PhotoTool>("card");
  const [read, setRead] = useState<ReadPhoto | null>(null);
  const [say, setSay] = useState("");
  const [before, setBefore] = useState<readonly Swatch[] | null>(null);

  const take = useCallback(
    (answer: ReadPhoto) => {
      setRead(answer);
      if (answer.colours.length === 0) {
        setSay(intakeWords.nothingStandsOut);
        return;
      }
      const now = getValues("piece.swatches") as readonly Swatch[];
      setValue("piece.swatches", swatchesOf(answer, now), { shouldDirty: true });
      setSay(
        sayWith(answer.card ? intakeWords.coloursByTheCard : intakeWords.coloursFound, {
          count: answer.colours.length,
        }),
      );
    },
    [getValues, setValue],
  );
  useEffect(() => {
    if (!photo || !intake) return;
    let isWanted = true;
    void intake.colours(photo, hints).then((answer) => isWanted && take(answer));
    return () => {
      isWanted = false;
    };
  }, [photo, hints, intake, take]);

  const open = async (file: File) => {
    if (file.size > mostPictureBytes) {
      setSay(sayWith(intakeWords.pictureTooLarge, { name: file.name }));
      return;
    }
    setSay(intakeWords.readingThePhoto);
    const opened = await openedPicture(file).catch(() => null);
    if (!opened) {
      setSay(sayWith(intakeWords.noPicture, { name: file.name }));
      return;
    }
    setBefore(getValues("piece.swatches") as readonly Swatch[]);
    setHints(noHints);
    setPhoto(opened.photo);
    setValue("photo", opened.base64, { shouldDirty: true });
  };
  const putBack = () => {
    if (before) setValue("piece.swatches", before, { shouldDirty: true });
    setBefore(null);
    setSay("");
  };
  const leave = () => {
    setPhoto(null);
    setRead(null);
    setSay("");
    setValue("photo", kept === null ? undefined : null, { shouldDirty: true });
  };
  const shown = typeof sent === "string" ? `data:image/jpeg;base64,${sent}` : sent === null ? null : kept;
  return (
    <div className="grid gap-2 border border-rule-strong bg-paper p-3" id="field-photo" tabIndex={-1}>
      {photo ? (
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
      ) : (
        shown && <img src={shown} alt={intakeWords.thePhoto} className="max-h-80 w-full object-contain" />
      )}
      <p role="status" className={say === "" ? "hidden" : "text-small"}>
        {say}
      </p>
      {photo && (
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
      )}
      <div className="flex flex-wrap gap-2">
        <FileButton say={intakeWords.takeAPhoto} camera onFile={open} />
        <FileButton say={intakeWords.chooseAPicture} onFile={open} />
        {shown && (
          <Button look="quiet" onClick={leave}>
            {intakeWords.withoutPhoto}
          </Button>
        )}
      </div>
    </div>
  );
}

const toolHelp: Readonly<Record<PhotoTool, string>> = {
  card: intakeWords.pressTheCard,
  crop: intakeWords.drawAroundThePart,
  rub: intakeWords.strokeOverWhatIsNot,
};

function hasHints({ card, crop, strokes }: PhotoHints): boolean {
  return card !== null || crop !== null || strokes.length > 0;
}

/** The colours of a photo as swatches; the inside of a cloth, which no photo of its face shows, stays as it was. */
function swatchesOf({ colours }: ReadPhoto, now: readonly Swatch[]): Swatch[] {
  const shares = colours.map(({ share }) => Math.round(share * 1000) / 1000);
  const rest = shares.slice(1).reduce((sum, share) => sum + share, 0);
  const seen = colours.map(({ hex }, i): Swatch => ({
    hex,
    share: i === 0 ? Math.round((1 - rest) * 1000) / 1000 : (shares[i] ?? 0),
    role: i === 0 ? "ground" : "motif",
  }));
  return [...seen, ...now.filter(({ role }) => role === "reverse")];
}

interface FileButtonProps {
  readonly say: string;
  /** Opens the camera where there is one. */
  readonly camera?: boolean;
  readonly onFile: (file: File) => Promise<void>;
}

function FileButton({ say, camera = false, onFile }: FileButtonProps) {
  return (
    <label className="inline-flex h-9 cursor-pointer items-center rounded-[2px] border border-rule-strong bg-paper px-3.5 font-medium hover:bg-well has-focus-visible:outline-2 touch:min-h-11">
      {say}
      <input
        type="file"
        accept="image/jpeg,image/png,image/webp"
        {...(camera ? { capture: "environment" as const } : {})}
        className="sr-only"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file) void onFile(file);
          event.target.value = "";
        }}
      />
    </label>
  );
}
