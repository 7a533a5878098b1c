"use client";

import type { LengthUnit } from "@/core/length/length";
import { sayLength } from "@/core/length/length";
import { isAsked, type Field } from "@/core/piece/field";
import { specOf } from "@/core/piece/piece";
import { statementWords } from "@/core/piece/piece-common";
import { levelWord } from "@/core/register/ladder";
import type { PieceRecord } from "@/core/studio/piece-record";
import { familiesOf } from "@/core/studio/rail";
import { railWords } from "@/words/rail";
import { Plate } from "../../drawing/plate";
import { Button } from "../../kit/button";
import { Dialog } from "../../kit/dialog";
import { useLengthUnit } from "../../kit/length-unit";
import { SwatchStrip } from "../../kit/swatches";

interface ComparePiecesProps {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly pair: readonly [PieceRecord, PieceRecord];
  readonly nameOf: (clientId: string | null) => string;
}

/** Two pieces side by side, and what is recorded of each. */
export function ComparePieces({ open, onClose, pair, nameOf }: ComparePiecesProps) {
  const unit = useLengthUnit();
  const told = pair.map((record) => factsOf(record, nameOf, unit));
  const labels = [...new Set(told.flatMap((facts) => [...facts.keys()]))];
  return (
    <Dialog
      wide
      open={open}
      onOpenChange={(isOpen) => !isOpen && onClose()}
      title={railWords.twoPieces}
      about={railWords.whatDiffersIsMarked}
    >
      <table className="w-full border-collapse">
        <thead>
          <tr>
            <td className="w-44" />
            {pair.map(({ piece }) => (
              <th key={piece.id} scope="col" className="w-2/5 px-3 pb-2 text-left align-top font-medium">
                <Plate piece={piece} className="h-44 w-full" />
                {piece.name}
                <SwatchStrip swatches={piece.swatches} className="mt-1 h-3 w-24" />
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {labels.map((label) => {
            const [first, second] = told.map((facts) => facts.get(label) ?? "");
            const differs = first !== second;
            return (
              <tr key={label} className="border-t border-rule">
                <th scope="row" className="py-1 text-left font-normal text-ink-soft">
                  {label}
                </th>
                {[first, second].map((text, i) => (
                  <td key={i} className={`tabular px-3 py-1 ${differs ? "font-medium" : "text-ink-soft"}`}>
                    {text || "–"}
                  </td>
                ))}
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="mt-4 text-right">
        <Button onClick={onClose}>{railWords.close}</Button>
      </p>
    </Dialog>
  );
}

/** What is recorded of a piece, a fact a row. */
function factsOf(
  { piece, clientId, state }: PieceRecord,
  nameOf: ComparePiecesProps["nameOf"],
  unit: LengthUnit,
): Map<string, string> {
  const facts = new Map<string, string>([
    [railWords.owner, nameOf(clientId)],
    [railWords.state, state],
    [railWords.colour, familiesOf(piece.swatches).join(", ")],
    [railWords.finish, [piece.finish, piece.secondFinish].filter(Boolean).join(", ")],
    [railWords.cloth, piece.cloth ?? ""],
    [railWords.metal, piece.metal === "none" ? "" : piece.metal],
    [railWords.level, piece.register ? `${piece.register.centre} ${levelWord(piece.register.centre)}` : ""],
    [railWords.style, piece.poles.join(", ")],
    [railWords.howEyeCatching, piece.statement === null ? "" : statementWords[piece.statement]],
  ]);
  const figures = piece.figures as Readonly<Record<string, unknown>>;
  const fields = specOf(piece).figures;
  for (const [name, field] of Object.entries(fields)) {
    if (!isAsked(field, name, figures, fields)) continue;
    const isKnown = !piece.unsaid.includes(name) || piece.assumed.includes(name);
    const text = isKnown ? sayFigure(field, figures[name], unit) : "";
    if (text !== "") facts.set(field.label, text);
  }
  return facts;
}

function sayFigure(field: Field, value: unknown, unit: LengthUnit): string {
  if (value === null || value === undefined || value === false) return "";
  if (field.type === "number" && typeof value === "number")
    return field.unit === "cm" ? sayLength(value, unit) : String(value);
  if (field.type === "choice" && typeof value === "string") return value;
  return field.type === "flag" ? railWords.yes : "";
}
