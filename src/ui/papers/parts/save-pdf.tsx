"use client";

import { useRef, useState } from "react";
import { toast } from "sonner";
import { papersWords } from "@/words/papers";
import { sayWith } from "@/words/say";
import { saveFile } from "../../kit/save-file";
import { Button } from "../../kit/button";
import { fetchPdf, type PdfProgress } from "../state/pdf-answer";

interface SavePdfProps {
  /** Where the PDF is asked for. */
  readonly address: string;
  /** What the file is called. */
  readonly fileName: string;
  /** Which paper it is, for those who hear the button. */
  readonly label?: string;
  readonly look?: "strong" | "plain";
  readonly size?: "small" | "normal";
}

/** Makes a PDF and saves it; meanwhile it says how far that has come, and can be stopped. */
export function SavePdf({ address, fileName, label, look = "plain", size = "normal" }: SavePdfProps) {
  const [progress, setProgress] = useState<PdfProgress | "beginning" | null>(null);
  const stop = useRef<AbortController>(null);
  const save = async () => {
    const controller = new AbortController();
    stop.current = controller;
    setProgress("beginning");
    try {
      saveFile(await fetchPdf(address, setProgress, controller.signal), "application/pdf", fileName);
    } catch {
      if (!controller.signal.aborted) toast(papersWords.pdfFailed, { duration: 12_000 });
    }
    setProgress(null);
  };
  if (progress === null)
    return (
      <Button look={look} size={size} onClick={() => void save()} aria-label={label}>
        {papersWords.savePdf}
      </Button>
    );
  return (
    <span className="flex items-center gap-2">
      <span role="status" className="tabular text-ink-soft">
        {progress === "beginning"
          ? papersWords.beginning
          : sayWith(papersWords.drawing, { at: progress.at, of: progress.of })}
      </span>
      <Button size={size} onClick={() => stop.current?.abort()}>
        {papersWords.stop}
      </Button>
    </span>
  );
}
