"use client";

import { useMemo } from "react";
import type { PaperKind, PaperSource, SheetName } from "@/core/studio/paper-source";
import { papersWords } from "@/words/papers";
import { Button, ButtonLink } from "../kit/button";
import { Page } from "../kit/page";
import { buildPaper, paperSpecs } from "./parts/build";
import { fileStem } from "./words/file-stem";
import { PaperSheet } from "./parts/paper-sheet";
import { SavePdf } from "./parts/save-pdf";

interface PaperPageProps {
  readonly kind: PaperKind;
  readonly sheet: SheetName;
  readonly source: PaperSource;
  /** Where its PDF is asked for. */
  readonly pdf: string;
}

/** A paper as it is handed over: looked at, printed, or saved as a PDF. */
export function PaperPage({ kind, sheet, source, pdf }: PaperPageProps) {
  const paper = useMemo(() => buildPaper(kind, source), [kind, source]);
  return (
    <Page
      title={paperSpecs[kind].name}
      about={source.client.name}
      actions={
        <>
          <ButtonLink href={`/clients/${source.client.id}/papers`}>{papersWords.backToHandOver}</ButtonLink>
          <Button onClick={() => window.print()}>{papersWords.print}</Button>
          <SavePdf address={pdf} fileName={`${fileStem(source.client.name, kind)}.pdf`} look="strong" />
        </>
      }
    >
      <PaperSheet paper={paper} sheet={sheet} />
    </Page>
  );
}
