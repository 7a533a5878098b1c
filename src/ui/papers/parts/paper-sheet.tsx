"use client";

import { createContext, useContext, type ReactNode } from "react";
import type { SheetName } from "@/core/studio/paper-source";
import { papersWords } from "@/words/papers";
import { InSight } from "../../drawing/in-sight";
import { Blocks } from "./block-views";
import type { Paper, PaperDrawing } from "../state/paper";
import { usePrinting } from "../../kit/use-printing";

const PrintingContext = createContext(false);

/** A paper on the page, part under part; printed, each part begins a sheet. */
export function PaperSheet({ paper, sheet }: { readonly paper: Paper; readonly sheet: SheetName }) {
  const isPrinting = usePrinting();
  const listed = paper.parts.filter(({ name }) => name !== "");
  return (
    <PrintingContext value={isPrinting}>
      <div className={`papers papers-${sheet} grid justify-center gap-6 print:block`}>
        {paper.parts.map(({ blocks }, at) => (
          <Sheet key={at}>
            <Blocks blocks={blocks} Drawing={Drawing} />
            {at === 0 && paper.hasContents && (
              <nav aria-label={papersWords.contents} className="mt-6">
                <h2 className="mb-2 font-serif text-lead">{papersWords.contents}</h2>
                <ol>
                  {listed.map(({ name, under }, place) => (
                    <li key={place} className="flex justify-between gap-3 border-b border-rule py-1">
                      {name}
                      <span className="text-ink-soft">{under}</span>
                    </li>
                  ))}
                </ol>
              </nav>
            )}
          </Sheet>
        ))}
      </div>
    </PrintingContext>
  );
}

function Sheet({ children }: { readonly children: ReactNode }) {
  return (
    <article className="paper-sheet border border-rule-strong bg-white text-ink print:border-0">
      {children}
    </article>
  );
}

function Drawing({ drawing, className }: { readonly drawing: PaperDrawing; readonly className: string }) {
  const isPrinting = useContext(PrintingContext);
  return (
    <InSight label={drawing.label} atOnce={isPrinting} className={className}>
      {drawing.draw}
    </InSight>
  );
}
