"use client";

import { useCallback } from "react";
import { costsNothing } from "@/core/reading/worth";
import type { RemovedPiece, SurpriseOf } from "@/workers/answers";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { Plate } from "../drawing/plate";
import { Button } from "../kit/button";
import { useAsk, type Question } from "../workers/use-ask";
import { useDesk } from "./desk/use-desk";
import { sayWorth } from "./say-worth";

interface Pass {
  readonly removals: readonly RemovedPiece[];
  readonly swaps: readonly SurpriseOf[];
}

/** Stand back: each accessory with what the look would score without it, the best to lose first. */
export function EditPass() {
  const { workers, key, steps, named } = useDesk();
  const question = useCallback<Question<Pass>>(
    async (worker) => {
      const [removals, swaps] = await Promise.all([worker.editPass(key), worker.surprises(key)]);
      return { removals, swaps };
    },
    [key],
  );
  const { value } = useAsk(workers, question);
  const removals = value?.removals ?? null;
  const swaps = value?.swaps ?? [];
  const free = removals?.filter(({ worth }) => costsNothing(worth)).length ?? 0;
  return (
    <div className="relative flex min-h-0 flex-1 items-stretch gap-2 overflow-x-auto px-4 pb-2.5">
      {removals?.map(({ pieceId, worth }) => {
        const piece = named(pieceId);
        if (!piece) return null;
        return (
          <button
            key={pieceId}
            type="button"
            onClick={() => steps.change({ kind: "take-off", piece: pieceId })}
            className="flex w-31 shrink-0 flex-col border border-rule bg-paper px-1.5 pb-1.5 text-left hover:bg-white"
          >
            <Plate piece={piece} className="min-h-0 w-full flex-1" />
            <span className="block w-full truncate text-tiny font-medium">{piece.name}</span>
            <span className="tabular text-small font-semibold">
              {sayWorth(worth)} <span className="font-normal text-ink-soft">{benchWords.withoutIt}</span>
            </span>
          </button>
        );
      })}
      {swaps.map(({ offId, onId, worth }) => {
        const on = named(onId);
        if (!on) return null;
        return (
          <button
            key={`${offId} ${onId}`}
            type="button"
            onClick={() => steps.put(onId)}
            className="flex w-31 shrink-0 flex-col border border-dashed border-rule-strong bg-paper px-1.5 pb-1.5 text-left hover:bg-white"
          >
            <Plate piece={on} className="min-h-0 w-full flex-1" />
            <span className="block w-full truncate text-tiny font-medium">{on.name}</span>
            <span className="block w-full truncate text-tiny text-ink-soft">
              <span className="tabular text-small font-semibold text-ink">{sayWorth(worth)}</span>{" "}
              {sayWith(benchWords.forWord, { name: named(offId)?.name.toLowerCase() ?? "" })}
            </span>
          </button>
        );
      })}
      <div className="flex w-56 shrink-0 flex-col justify-center gap-2 pl-2">
        <p>
          {removals === null
            ? benchWords.readingTheLookWithoutEach
            : removals.length === 0
              ? benchWords.thereIsNothingOnTo
              : free > 0
                ? sayWith(benchWords.piecesCostNothingToTake, { free })
                : benchWords.everyPieceEarnsItsPlace}
        </p>
        <Button size="small" onClick={() => steps.lay("candidates")}>
          {benchWords.backToCandidates}
        </Button>
      </div>
    </div>
  );
}
