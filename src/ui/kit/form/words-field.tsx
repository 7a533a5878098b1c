"use client";

import { useController } from "react-hook-form";
import { fieldId } from "./field-id";

interface WordsFieldProps {
  readonly name: string;
  readonly label: string;
  readonly words: readonly string[];
  readonly help?: string;
}

/** Any of a fixed list of words, each a box to tick. */
export function WordsField({ name, label, words, help }: WordsFieldProps) {
  const { field, fieldState } = useController({ name });
  const chosen = (field.value ?? []) as readonly string[];
  return (
    <div role="group" aria-label={label} id={fieldId(name)} tabIndex={-1} className="mt-3">
      <p>
        <span className="font-medium">{label}</span>
        {help && <span className="ml-2 text-tiny text-ink-soft">{help}</span>}
      </p>
      <div className="flex flex-wrap gap-x-5">
        {words.map((word) => (
          <label key={word} className="flex min-h-9 touch:min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="size-4 accent-ink"
              checked={chosen.includes(word)}
              onChange={(event) =>
                field.onChange(
                  event.target.checked ? [...chosen, word] : chosen.filter((other) => other !== word),
                )
              }
            />
            {word}
          </label>
        ))}
      </div>
      {fieldState.error && <p className="text-thread">{fieldState.error.message}</p>}
    </div>
  );
}
