"use client";

import { PictureField } from "./picture-field";
import type { Field } from "@/core/piece/field";
import { kinds, type Kind } from "@/core/piece/kinds";
import { piecesWords } from "@/words/pieces";
import { ChoiceField, FlagField, wordsAsOptions } from "../kit/form/fields";
import { LengthField, NumberField } from "../kit/form/number-fields";

/** The figures of a kind of piece, as its description lists them. */
export function FigureFields({ kind }: { readonly kind: Kind }) {
  const fields: Readonly<Record<string, Field>> = kinds[kind].figures;
  return (
    <fieldset>
      <legend className="mb-2 font-serif text-lead">{piecesWords.figures}</legend>
      <div className="grid grid-cols-2 gap-3 xl:grid-cols-4">
        {Object.entries(fields).map(([name, field]) => (
          <FigureField key={name} name={`piece.figures.${name}`} field={field} />
        ))}
      </div>
    </fieldset>
  );
}

function FigureField({ name, field }: { readonly name: string; readonly field: Field }) {
  const shared = { name, label: field.label, help: field.help };
  switch (field.type) {
    case "choice":
      return <ChoiceField {...shared} options={wordsAsOptions(field.options)} />;
    case "flag":
      return <FlagField {...shared} className="self-end" />;
    case "picture":
      return <PictureField {...shared} />;
    case "number": {
      const placeholder = field.optional ? "none" : piecesWords.notSaidWord;
      return field.unit === "cm" ? (
        <LengthField {...shared} empty={null} placeholder={placeholder} />
      ) : (
        <NumberField {...shared} empty={null} placeholder={placeholder} suffix={suffixes[field.unit]} />
      );
    }
  }
}

const suffixes = { g: "g", den: "den", mm: "mm", "0-1": "0-1", level: undefined, count: undefined } as const;
