"use client";
// The form library keeps one object and changes it: nothing here may be kept from before.
"use no memo";

import { useState } from "react";
import { useFormContext, useWatch } from "react-hook-form";
import { kitWords } from "@/words/kit";
import { Button } from "../button";
import { changedMeanwhile, inWords, type Meanwhile } from "./meanwhile";
import { fieldId } from "./field-id";

interface MeanwhilePanelProps {
  /** The values the form was opened with. */
  readonly opened: unknown;
  /** What is on record now, in the shape of the form's values. */
  readonly theirs: unknown;
  /** Told when a value was put into the form from here. */
  readonly onPut: () => void;
}

/** What somebody else changed since the form was opened, beside what stands in it: either can be kept. */
export function MeanwhilePanel({ opened, theirs, onPut }: MeanwhilePanelProps) {
  const { setValue, getValues } = useFormContext();
  useWatch();
  // A row stays once it is told, whichever is taken, so that a choice can be taken back.
  const [told] = useState(() => changedMeanwhile(opened, getValues(), theirs));
  const left = new Set(changedMeanwhile(opened, getValues(), theirs).map(({ path }) => path));
  const put = (path: string, value: unknown) => {
    setValue(path, value, { shouldDirty: true });
    onPut();
  };
  return (
    <section
      aria-label={kitWords.changedMeanwhile}
      className="mb-4 border border-thread bg-white px-4 py-3"
      role="alert"
    >
      <p className="font-medium">{kitWords.somebodyElseChangedThisMeanwhile}</p>
      {told.length === 0 ? (
        <p className="mt-1 text-ink-soft">{kitWords.theyLeftItAsIt}</p>
      ) : (
        <table className="mt-2 w-full text-left">
          <thead className="text-tiny text-ink-soft">
            <tr>
              <th className="py-1 pr-3 font-normal">{kitWords.field}</th>
              <th className="py-1 pr-3 font-normal">{kitWords.yours}</th>
              <th className="py-1 pr-3 font-normal">{kitWords.theirs}</th>
              <th className="font-normal">
                <span className="sr-only">{kitWords.whichIsKept}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {told.map(({ path, mine, theirs: other }) => (
              <tr key={path} className="border-t border-rule">
                <th scope="row" className="py-1.5 pr-3 font-medium">
                  {labelOf(path)}
                </th>
                <td className={`tabular py-1.5 pr-3 ${left.has(path) ? "font-semibold" : "text-ink-soft"}`}>
                  {inWords(mine)}
                </td>
                <td className={`tabular py-1.5 pr-3 ${left.has(path) ? "text-ink-soft" : "font-semibold"}`}>
                  {inWords(other)}
                </td>
                <td className="py-1 text-right">
                  <TakeButton
                    of={{ path, mine, theirs: other }}
                    isTheirs={!left.has(path)}
                    onPut={(value) => put(path, value)}
                  />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

interface TakeButtonProps {
  readonly of: Meanwhile;
  readonly isTheirs: boolean;
  readonly onPut: (value: unknown) => void;
}

function TakeButton({ of: { path, mine, theirs }, isTheirs, onPut }: TakeButtonProps) {
  return (
    <Button
      size="small"
      aria-label={`${isTheirs ? kitWords.takeMineBack : kitWords.takeTheirs}: ${labelOf(path)}`}
      onClick={() => onPut(isTheirs ? mine : theirs)}
    >
      {isTheirs ? kitWords.takeMineBack : kitWords.takeTheirs}
    </Button>
  );
}

/** What a field is called on the form; what has no field of its own, by its path. */
function labelOf(path: string): string {
  const label = document.querySelector(`label[for="${CSS.escape(fieldId(path))}"]`)?.textContent;
  return label ?? path.split(".").slice(-2).join(" ");
}
