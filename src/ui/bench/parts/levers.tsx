"use client";

import { useCallback } from "react";
import { markOf } from "@/core/reading/verdict";
import type { Piece } from "@/core/piece/piece";
import { slotLabels } from "@/core/piece/slots";
import { levelWord } from "@/core/register/ladder";
import type { LeverOf, SlotLeversOf } from "@/workers/answers";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { useAsk, type Question } from "../../workers/use-ask";
import { Plate } from "../../drawing/plate";
import { Dialog } from "../../kit/dialog";
import { Mark, wordOf } from "../../kit/marks";
import { useDesk } from "../state/desk/use-desk";

/** What each station could do to the level of the look: the quietest and the dressiest swap. */
export function Levers({ onClose }: { readonly onClose: () => void }) {
  const { workers, key, reading, steps, named } = useDesk();
  const { level } = reading;
  const question = useCallback<Question<SlotLeversOf[]>>((worker) => worker.levers(key), [key]);
  const { value: levers } = useAsk(workers, question);
  const put = (id: string) => {
    steps.put(id);
    onClose();
  };
  return (
    <Dialog
      wide
      open
      onOpenChange={onClose}
      title={benchWords.dressierOrQuieter}
      about={
        level === null
          ? benchWords.nothingIsOnYet
          : sayWith(benchWords.theLookIsNowEach, { level: levelWord(level) })
      }
    >
      {levers === null ? (
        <p>{benchWords.tryingEveryPieceInEvery}</p>
      ) : levers.length === 0 ? (
        <p>{benchWords.noSingleSwapMovesIt}</p>
      ) : (
        <table className="w-full table-fixed text-left">
          <thead className="text-tiny text-ink-soft">
            <tr>
              <th className="w-32 pb-1 font-normal">{benchWords.station}</th>
              <th className="pb-1 pl-2 font-normal">{benchWords.quieter}</th>
              <th className="pb-1 pl-2 font-normal">{benchWords.dressier}</th>
            </tr>
          </thead>
          <tbody>
            {levers.map(({ slot, quieter, dressier }) => (
              <tr key={slot} className="border-t border-rule">
                <th scope="row" className="font-medium">
                  {slotLabels[slot]}
                </th>
                {[quieter, dressier].map((lever, i) => (
                  <td key={i} className="py-1.5 pr-2">
                    {lever ? (
                      <LeverButton lever={lever} piece={named(lever.pieceId)} onPut={put} />
                    ) : (
                      <span className="px-2 text-ink-soft">
                        {i === 0 ? benchWords.nothingQuieter : benchWords.nothingDressier}
                      </span>
                    )}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </Dialog>
  );
}

interface LeverButtonProps {
  readonly lever: LeverOf;
  readonly piece: Piece | undefined;
  readonly onPut: (pieceId: string) => void;
}

function LeverButton({ lever, piece, onPut }: LeverButtonProps) {
  return (
    <button
      type="button"
      onClick={() => onPut(lever.pieceId)}
      className="flex w-full items-center gap-3 p-1.5 text-left hover:bg-well"
    >
      {piece && <Plate piece={piece} className="h-14 w-16 shrink-0" />}
      <span className="min-w-0">
        <span className="block leading-tight">{piece?.name}</span>
        <span className="tabular mt-0.5 block text-tiny text-ink-soft">
          {stepWords(lever.level)}
          <Mark of={lever.verdict} className="mr-1 ml-2 inline size-3.5" />
          {wordOf(lever.verdict)} {markOf(lever)}
        </span>
      </span>
    </button>
  );
}

function stepWords(level: number): string {
  return `${Math.round(level * 10) / 10}, ${levelWord(level)}`;
}
