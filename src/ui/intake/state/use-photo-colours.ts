import { useCallback, useEffect, useState } from "react";
import { useFormContext } from "react-hook-form";
import { noHints, type PhotoHints, type ReadPhoto } from "@/core/photo/colours-of-photo";
import type { Photo } from "@/core/photo/photo";
import type { Swatch } from "@/core/piece/swatch";
import { intakeWords } from "@/words/intake";
import { sayWith } from "@/words/say";
import { mostPictureBytes, openedPicture } from "./shrink";
import { useIntake } from "./use-intake";

export type PhotoColours = ReturnType<typeof usePhotoColours>;

/**
 * A photo that was opened, and the colours found in it, which go into the form of the piece as they are found.
 * @param kept where the photo that is kept already is fetched from; null where there is none
 */
export function usePhotoColours(kept: string | null) {
  const { setValue, getValues } = useFormContext();
  const intake = useIntake();
  const [photo, setPhoto] = useState<Photo | null>(null);
  const [hints, setHints] = useState<PhotoHints>(noHints);
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
      const count = answer.colours.length;
      setSay(sayWith(answer.card ? intakeWords.coloursByTheCard : intakeWords.coloursFound, { count }));
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
  const open = async (file: File) => {
    const { name } = file;
    const isTooLarge = file.size > mostPictureBytes;
    setSay(isTooLarge ? sayWith(intakeWords.pictureTooLarge, { name }) : intakeWords.readingThePhoto);
    if (isTooLarge) return;
    const opened = await openedPicture(file).catch(() => null);
    if (!opened) {
      setSay(sayWith(intakeWords.noPicture, { name }));
      return;
    }
    setBefore(getValues("piece.swatches") as readonly Swatch[]);
    setHints(noHints);
    setPhoto(opened.photo);
    setValue("photo", opened.base64, { shouldDirty: true });
  };
  return { photo, read, hints, setHints, say, before, open, putBack, leave };
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
