"use client";

import { useFormContext, useWatch } from "react-hook-form";
import { sayLength } from "@/core/length/length";
import { isAsked, type Field, type NumberField as Measure } from "@/core/piece/field";
import { kinds, type Kind } from "@/core/piece/kinds";
import { typicalFigure } from "@/core/piece/typical";
import { piecesWords } from "@/words/pieces";
import { sayWith } from "@/words/say";
import { ChoiceField, FlagField, wordsAsOptions } from "../../kit/form/fields";
import { LengthField, NumberField } from "../../kit/form/number-fields";
import { useLengthUnit } from "../../kit/length-unit";
import { TextButton } from "../../kit/text-button";
import { PictureField } from "./picture-field";

type Figures = Readonly<Record<string, unknown>>;

/** The figures of a kind of piece, as its description lists them; those its form does not have are left out. */
export function FigureFields({ kind }: { readonly kind: Kind }) {
  const fields: Readonly<Record<string, Field>> = kinds[kind].figures;
  const figures = useWatch({ name: "piece.figures" }) as Figures;
  return (
    <fieldset>
      <legend className="mb-2 font-serif text-lead">{piecesWords.figures}</legend>
      <div className="grid grid-cols-2 gap-3 xl:grid-cols-4">
        {Object.entries(fields)
          .filter(([name, field]) => isAsked(field, name, figures, fields))
          .map(([name, field]) => (
            <FigureField key={name} kind={kind} figure={name} field={field} figures={figures} />
          ))}
      </div>
    </fieldset>
  );
}

interface FigureFieldProps {
  readonly kind: Kind;
  readonly figure: string;
  readonly field: Field;
  readonly figures: Figures;
}

function FigureField({ kind, figure, field, figures }: FigureFieldProps) {
  const shared = { name: `piece.figures.${figure}`, label: field.label, help: field.help };
  switch (field.type) {
    case "choice":
      return <ChoiceField {...shared} options={wordsAsOptions(field.options)} />;
    case "flag":
      return <FlagField {...shared} className="self-end" />;
    case "picture":
      return <PictureField {...shared} />;
    case "number":
      return <MeasureField {...{ kind, figure, figures, shared }} field={field} />;
  }
}

interface MeasureFieldProps extends Omit<FigureFieldProps, "field"> {
  readonly field: Measure;
  readonly shared: { readonly name: string; readonly label: string; readonly help: string | undefined };
}

/** A measure; where nobody has said it, the usual one is a press away, and one that came with the form is marked. */
function MeasureField({ kind, figure, field, figures, shared }: MeasureFieldProps) {
  const { setValue } = useFormContext();
  const unit = useLengthUnit();
  const assumed = useWatch({ name: "piece.assumed" }) as readonly string[] | undefined;
  const isAssumed = assumed?.includes(figure) === true;
  const settle = () => {
    if (isAssumed)
      setValue(
        "piece.assumed",
        assumed.filter((name) => name !== figure),
        { shouldDirty: true },
      );
  };
  const typical = typicalFigure(kind, figures, figure);
  const isMissing = figures[figure] === null || figures[figure] === undefined;
  const placeholder = field.optional ? "none" : piecesWords.notSaidWord;
  const input =
    field.unit === "cm" ? (
      <LengthField {...shared} empty={null} placeholder={placeholder} onRead={settle} />
    ) : (
      <NumberField
        {...shared}
        empty={null}
        placeholder={placeholder}
        suffix={suffixes[field.unit]}
        onRead={settle}
      />
    );
  return (
    <div className="grid content-start gap-0.5">
      {input}
      {isAssumed && (
        <p className="flex flex-wrap items-center gap-x-2 text-tiny text-ink-soft">
          <span className="border-b border-dashed border-ink">{piecesWords.assumedFromItsForm}</span>
          <TextButton className="min-h-6" onClick={settle}>
            {piecesWords.itIsSo}
          </TextButton>
        </p>
      )}
      {isMissing && typical !== null && (
        <p className="text-tiny">
          <TextButton
            className="min-h-6"
            onClick={() => setValue(shared.name, typical, { shouldDirty: true, shouldValidate: false })}
          >
            {sayWith(piecesWords.usually, {
              figure: field.unit === "cm" ? sayLength(typical, unit) : sayNumber(typical, field.unit),
            })}
          </TextButton>
        </p>
      )}
    </div>
  );
}

const suffixes = { g: "g", den: "den", mm: "mm", "0-1": "0-1", level: undefined, count: undefined } as const;

function sayNumber(value: number, unit: Exclude<Measure["unit"], "cm">): string {
  const suffix = unit === "0-1" ? undefined : suffixes[unit];
  return suffix ? `${value} ${suffix}` : String(value);
}
