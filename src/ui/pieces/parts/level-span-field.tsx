"use client";

import { useController, type FieldError } from "react-hook-form";
import { ladder, spanAround, type RegisterSpan } from "@/core/register/ladder";
import { piecesWords } from "@/words/pieces";
import { LevelChoice } from "../../kit/form/level-field";

/** Where a piece is at home: not said, or a level and how far it reaches to either side. */
export function LevelSpanField({ name }: { readonly name: string }) {
  const {
    field: { ref, ...field },
    fieldState,
  } = useController({ name });
  const span = field.value as RegisterSpan | null;
  // A fault may be of the whole or of one of its ends.
  const faults = fieldState.error as
    (FieldError & Partial<Record<keyof RegisterSpan, FieldError>>) | undefined;
  const ends = { words: ladder, onBlur: field.onBlur };
  return (
    <>
      <LevelChoice
        {...ends}
        ref={ref}
        name={name}
        label={piecesWords.level}
        none={piecesWords.notSaid}
        value={span?.centre ?? null}
        fault={faults?.message ?? faults?.centre?.message}
        onChange={(centre) => field.onChange(centre === null ? null : spanAround(centre, span))}
      />
      {span && (
        <>
          <LevelChoice
            {...ends}
            name={`${name}.low`}
            label={piecesWords.lowestLevel}
            value={span.low}
            fault={faults?.low?.message}
            onChange={(low) => field.onChange({ ...span, low })}
          />
          <LevelChoice
            {...ends}
            name={`${name}.high`}
            label={piecesWords.highestLevel}
            value={span.high}
            fault={faults?.high?.message}
            onChange={(high) => field.onChange({ ...span, high })}
          />
        </>
      )}
    </>
  );
}
