"use client";

import { useState } from "react";
import { toast } from "sonner";
import type { Look } from "@/core/piece/look";
import { papersWords } from "@/words/papers";
import { sayWith } from "@/words/say";
import { Button } from "../../kit/button";
import { saveFile } from "../../kit/save-file";
import { fileStem } from "../words/file-stem";
import { phonePicture } from "./phone-picture";

interface SavePicturesProps {
  readonly looks: readonly { readonly look: Look; readonly name: string; readonly under: string }[];
  /** What the files begin with. */
  readonly stem: string;
}

/** Saves a picture of each look, as a phone shows it. */
export function SavePictures({ looks, stem }: SavePicturesProps) {
  const [isBusy, setBusy] = useState(false);
  const save = async () => {
    setBusy(true);
    try {
      for (const [at, look] of looks.entries())
        saveFile(await phonePicture(look), "image/png", `${fileStem(stem, `${at + 1} ${look.name}`)}.png`);
      toast(sayWith(papersWords.picturesSaved, { count: looks.length }));
    } catch {
      toast(papersWords.drawingFailed, { duration: 12_000 });
    }
    setBusy(false);
  };
  return (
    <Button
      size="small"
      className="justify-self-start"
      disabled={isBusy || looks.length === 0}
      onClick={() => void save()}
    >
      {papersWords.savePictures}
    </Button>
  );
}
