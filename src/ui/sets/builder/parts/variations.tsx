"use client";

import { useMemo } from "react";
import { markOf } from "@/core/reading/verdict";
import type { Client } from "@/core/piece/client";
import { slotOf, type Piece } from "@/core/piece/piece";
import { slotLabels, type Slot } from "@/core/piece/slots";
import { variations } from "@/core/sets/vary";
import { sayWith } from "@/words/say";
import { setsWords } from "@/words/sets";
import { Plate } from "../../../drawing/plate";
import { VerdictMark, wordOf } from "../../../kit/marks";

interface VariationsProps {
  readonly pieces: readonly Piece[];
  readonly slot: Slot;
  readonly shelf: readonly Piece[];
  readonly client: Client;
  readonly onSwap: (piece: Piece) => void;
}

/** Other pieces in one piece's place, by what the set would be by itself with each. */
export function Variations({ pieces, slot, shelf, client, onSwap }: VariationsProps) {
  const found = useMemo(() => variations(pieces, slot, shelf, client), [pieces, slot, shelf, client]);
  const now = pieces.filter((piece) => slotOf(piece) === slot);
  return (
    <section
      aria-label={setsWords.variations}
      className="border border-rule-strong bg-paper px-3 pt-2 pb-2.5"
    >
      <h2 className="text-body">
        {setsWords.inPlaceOf} {now.map(({ name }) => name).join(" and ")}
        {sayWith(setsWords.piecesTheBestAgreeingFirst, { foundCount: found.length })}
      </h2>
      {found.length === 0 ? (
        <p className="text-ink-soft">
          {sayWith(setsWords.nothingElseOnTheRail, { station: slotLabels[slot].toLowerCase() })}
        </p>
      ) : (
        <ul className="mt-1 flex gap-1.5 overflow-x-auto pb-1">
          {found.map(({ piece, score, change, verdict }) => (
            <li key={piece.id} className="shrink-0">
              <button
                type="button"
                onClick={() => onSwap(piece)}
                aria-label={sayWith(setsWords.putInInsteadByItself, {
                  piece: piece.name,
                  verdict: wordOf(verdict),
                  mark: markOf({ verdict, score }),
                })}
                className="flex w-28 flex-col border border-rule bg-paper px-1.5 pb-1 text-left hover:bg-white"
              >
                <Plate piece={piece} className="h-14 w-full" />
                <span className="line-clamp-2 h-8 text-tiny">{piece.name}</span>
                <span className="tabular flex items-center gap-1 text-small font-semibold">
                  <VerdictMark of={verdict} className="size-3.5" />
                  {markOf({ verdict, score })}
                  <span className="font-normal text-ink-soft">{signed(change)}</span>
                </span>
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

function signed(change: number): string {
  const size = Math.abs(Math.round(change));
  return size === 0 ? "\u00b10" : `${change > 0 ? "+" : "\u2212"}${size}`;
}
