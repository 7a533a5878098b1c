"use client";

import { useCallback, useMemo } from "react";
import { sayLength, type LengthUnit } from "@/core/length/length";
import { specOf, type Piece } from "@/core/piece/piece";
import type { MeasureFirst, MeasuresFirst } from "@/core/search/measure-first";
import type { BenchSource } from "@/core/studio/bench-source";
import { boardsWords } from "@/words/boards";
import { sayWith } from "@/words/say";
import { useAsk, type Question } from "../workers/use-ask";
import { useWorkers } from "../workers/use-workers";
import { Plate } from "../drawing/plate";
import { useLengthUnit } from "../kit/length-unit";
import { Link } from "../kit/link";
import { unpacking } from "../kit/packed";

interface MeasureBoardProps {
  readonly wardrobe: Pick<BenchSource, "client" | "pieces" | "away" | "occasions" | "bases">;
}

/** As many measures as an afternoon holds. */
const most = 40;

function Measures({ wardrobe }: MeasureBoardProps) {
  const unit = useLengthUnit();
  const { bases } = wardrobe;
  const question = useCallback<Question<MeasuresFirst>>(
    (worker, call, tell) => worker.measureFirst(bases, tell, call),
    [bases],
  );
  const { value, state } = useAsk(useWorkers(wardrobe), question, "filling");
  const pieces = useMemo(() => new Map(wardrobe.pieces.map((piece) => [piece.id, piece])), [wardrobe]);
  const rows = (value?.measures ?? []).slice(0, most);
  return (
    <section aria-label={boardsWords.measureTheseFirst} className="grid gap-3">
      <p role="status" className="tabular max-w-[75ch]">
        {sayStanding(value, state === "answered")}
      </p>
      {rows.length > 0 && (
        <ol className="grid border border-rule-strong bg-paper">
          {rows.map((measure) => {
            const piece = pieces.get(measure.pieceId);
            return piece ? (
              <li
                key={`${measure.pieceId} ${measure.figure}`}
                className="grid grid-cols-[5rem_minmax(0,1fr)_auto] items-center gap-x-4 border-b border-rule px-4 py-1.5 last:border-b-0"
              >
                <Plate piece={piece} className="h-12 w-18" />
                <span>
                  <Link href={`/rail/${piece.id}`} className="text-body font-medium underline">
                    {piece.name}
                  </Link>
                  <span className="block text-ink-soft">{sayMeasure(piece, measure, unit)}</span>
                </span>
                <span className="tabular text-right">
                  {sayWith(boardsWords.verdictsHangOnIt, { count: measure.decides })}
                </span>
              </li>
            ) : null;
          })}
        </ol>
      )}
    </section>
  );
}

/** The measures nobody has taken, those on which most verdicts hang first. */
export const MeasureBoard = unpacking<MeasureBoardProps, "wardrobe">(Measures);

function sayStanding(found: MeasuresFirst | null, isDone: boolean): string {
  if (!found) return boardsWords.readingWhatIsNotMeasured;
  if (!isDone) return sayWith(boardsWords.outfitsReadSoFar, { count: found.read });
  if (found.read === 0) return boardsWords.everythingIsMeasured;
  return found.measures.length === 0
    ? sayWith(boardsWords.nothingHangsOnAMeasure, { count: found.read })
    : sayWith(boardsWords.outfitsWereRead, { count: found.read });
}

function sayMeasure(piece: Piece, { figure }: MeasureFirst, unit: LengthUnit): string {
  const field = specOf(piece).figures[figure];
  const value = (piece.figures as Readonly<Record<string, unknown>>)[figure];
  const number = typeof value === "number" ? value : 0;
  return sayWith(piece.assumed.includes(figure) ? boardsWords.assumedAs : boardsWords.takenAsUsual, {
    fact: field?.label ?? figure,
    figure: field?.type === "number" && field.unit === "cm" ? sayLength(number, unit) : String(number),
  });
}
