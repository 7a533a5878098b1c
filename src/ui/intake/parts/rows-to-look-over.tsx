"use client";

import { completed } from "@/core/piece/as-said";
import type { CheckedRow, RowToKeep } from "@/core/intake/rows";
import { intakeWords } from "@/words/intake";
import { sayWith } from "@/words/say";
import { Plate } from "../../drawing/plate";
import { useLengthUnit } from "../../kit/length-unit";
import { ownerNamer } from "../../kit/owner-name";
import { SwatchStrip } from "../../kit/swatches";
import { captionOf } from "../../pieces/words/caption";

/** As many rows as are drawn; of a longer list the rest is counted. */
const most = 150;

interface RowsToLookOverProps {
  readonly rows: readonly CheckedRow[];
  /** Whose the pieces may be, beside the studio itself. */
  readonly owners: readonly { readonly id: string; readonly name: string }[];
}

/** Every row with its plate or what to put right; those that cannot be taken stand first. */
export function RowsToLookOver({ rows, owners }: RowsToLookOverProps) {
  const order = [...rows.filter(({ piece }) => !piece), ...rows.filter(({ piece }) => piece)];
  return (
    <>
      <ol className="grid border border-rule-strong bg-paper" aria-label={intakeWords.rowsToLookOver}>
        {order.slice(0, most).map(({ line, piece, faults, unknown, lacksColour }) => (
          <li
            key={line}
            className="grid grid-cols-[3rem_5rem_minmax(0,1fr)] items-center gap-x-3 border-b border-rule px-3 py-1.5 last:border-b-0"
          >
            <span className="tabular text-ink-soft">{line}</span>
            {piece ? (
              <PieceRow piece={piece} unknown={unknown} lacksColour={lacksColour} owners={owners} />
            ) : (
              <p className="col-span-2 text-thread">{faults.join(" ")}</p>
            )}
          </li>
        ))}
      </ol>
      {order.length > most && (
        <p className="mt-2 text-ink-soft">
          {sayWith(intakeWords.andMoreRows, { count: order.length - most })}
        </p>
      )}
    </>
  );
}

interface PieceRowProps extends Pick<RowsToLookOverProps, "owners"> {
  readonly piece: RowToKeep;
  readonly unknown: readonly string[];
  readonly lacksColour: boolean;
}

function PieceRow({ piece: { id, clientId, piece: draft }, unknown, lacksColour, owners }: PieceRowProps) {
  const unit = useLengthUnit();
  const piece = completed({ ...draft, id: "row" });
  const notes = [
    ownerNamer(owners)(clientId),
    captionOf(piece, unit),
    lacksColour ? intakeWords.noColourSaid : "",
    unknown.length > 0 ? sayWith(intakeWords.keptInTheName, { words: unknown.join(", ") }) : "",
    id ? intakeWords.takesThePlaceOf : "",
  ].filter(Boolean);
  return (
    <>
      <Plate piece={piece} className="h-12 w-18" />
      <span className="min-w-0">
        <span className="flex items-center gap-3">
          <span className="truncate text-body font-medium">{piece.name}</span>
          <SwatchStrip swatches={piece.swatches} className="h-3 w-16 shrink-0" />
        </span>
        <span className="tabular block truncate text-tiny text-ink-soft">{notes.join(" · ")}</span>
      </span>
    </>
  );
}
