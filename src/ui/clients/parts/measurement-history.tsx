"use client";

import { format, parseISO } from "date-fns";
import { measurements } from "@/core/body/measurements";
import { sayLength } from "@/core/length/length";
import type { Taken } from "@/core/studio/client-record";
import { sayWith } from "@/words/say";
import { clientsWords } from "@/words/clients";
import { useLengthUnit } from "../../kit/length-unit";

/** What was measured when, the newest first. */
export function MeasurementHistory({ history }: { readonly history: readonly Taken[] }) {
  const unit = useLengthUnit();
  if (history.length === 0) return null;
  return (
    <details className="border-y border-rule py-2">
      <summary className="font-medium">
        {sayWith(clientsWords.takenSoFarFigures, { historyCount: history.length })}
      </summary>
      <ol className="mt-2 grid max-h-60 gap-x-6 overflow-auto sm:grid-cols-2">
        {history.map(({ name, cm, takenAt }, i) => (
          <li key={i} className="tabular flex justify-between border-b border-rule py-1">
            <span>
              {measurements[name].label} {cm === null ? clientsWords.struckOut : sayLength(cm, unit)}
            </span>
            <time dateTime={takenAt} className="text-ink-soft">
              {format(parseISO(takenAt), "d MMM yyyy")}
            </time>
          </li>
        ))}
      </ol>
    </details>
  );
}
