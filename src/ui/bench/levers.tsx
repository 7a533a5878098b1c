"use client";

import { useCallback } from "react";
import { markOf } from "@/core/reading/verdict";
import { slotLabels } from "@/core/piece/slots";
import { levelWord } from "@/core/register/ladder";
import type { LeverOf, SlotLeversOf } from "@/workers/answers";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { useAsk, type Question } from "../counsel/use-ask";
import { Dialog } from "../kit/dialog";
import { Mark, wordOf } from "../kit/marks";
import { useDesk } from "./desk/use-desk";

/** What each station could do to the level of the look: the quietest and the dressiest swap. */
export function Levers({ onClose }: { readonly onClose: () => void }) {
  const { advisor, key, reading, steps, named } = useDesk();
  const { level } = reading;
  const question = useCallback<Question<SlotLeversOf[]>>((counsel) => counsel.levers(key), [key]);
  const { value: levers } = useAsk(advisor, question);
  const put = (id: string) => {
    steps.put(id);
    onClose();
  };
  return (
    <Dialog
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
              <th className="w-24 font-normal">{benchWords.station}</th>
              <th className="font-normal">{benchWords.quieter}</th>
              <th className="font-normal">{benchWords.dressier}</th>
            </tr>
          </thead>
          <tbody>
            {levers.map(({ slot, quieter, dressier }) => (
              <tr key={slot} className="border-t border-rule align-top">
                <th scope="row" className="py-1.5 font-medium">
                  {slotLabels[slot]}
                </th>
                {[quieter, dressier].map((lever, i) => (
                  <td key={i} className="py-1 pr-2">
                    {lever && (
                      <LeverButton lever={lever} name={named(lever.pieceId)?.name ?? ""} onPut={put} />
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
  readonly name: string;
  readonly onPut: (pieceId: string) => void;
}

function LeverButton({ lever, name, onPut }: LeverButtonProps) {
  return (
    <button type="button" onClick={() => onPut(lever.pieceId)} className="w-full p-1 text-left hover:bg-well">
      <span className="block">{name}</span>
      <span className="tabular flex items-center gap-1 text-tiny text-ink-soft">
        {stepWords(lever.level)}
        <Mark of={lever.verdict} className="size-3.5" /> {wordOf(lever.verdict)} {markOf(lever)}
      </span>
    </button>
  );
}

function stepWords(level: number): string {
  return `${Math.round(level * 10) / 10}, ${levelWord(level)}`;
}
