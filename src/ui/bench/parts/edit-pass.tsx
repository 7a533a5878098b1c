"use client";

import { useCallback, type ReactNode } from "react";
import type { Piece } from "@/core/piece/piece";
import { costsNothing } from "@/core/reading/worth";
import type { RemovedPiece, SurpriseOf } from "@/workers/answers";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { Plate } from "../../drawing/plate";
import { Button } from "../../kit/button";
import { useAsk, type Question } from "../../workers/use-ask";
import { useDesk } from "../state/desk/use-desk";
import { sayWorth } from "../words/say-worth";

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
      {removals?.map(({ pieceId, worth }) => (
        <PassPlate
          key={pieceId}
          piece={named(pieceId)}
          onPress={() => steps.change({ kind: "take-off", piece: pieceId })}
        >
          <span className="tabular text-small font-semibold">
            {sayWorth(worth)} <span className="font-normal text-ink-soft">{benchWords.withoutIt}</span>
          </span>
        </PassPlate>
      ))}
      {swaps.map(({ offId, onId, worth }) => (
        <PassPlate
          key={`${offId} ${onId}`}
          piece={named(onId)}
          className="border-dashed border-rule-strong"
          onPress={() => steps.put(onId)}
        >
          <span className="block w-full truncate text-tiny text-ink-soft">
            <span className="tabular text-small font-semibold text-ink">{sayWorth(worth)}</span>{" "}
            {sayWith(benchWords.forWord, { name: named(offId)?.name.toLowerCase() ?? "" })}
          </span>
        </PassPlate>
      ))}
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

interface PassPlateProps {
  readonly piece: Piece | undefined;
  readonly onPress: () => void;
  readonly className?: string;
  /** What the press does to the score. */
  readonly children: ReactNode;
}

/** A piece that is taken off or put on by a press; nothing where it is no longer in the wardrobe. */
function PassPlate({ piece, onPress, className = "border-rule", children }: PassPlateProps) {
  if (!piece) return null;
  return (
    <button
      type="button"
      onClick={onPress}
      className={`flex w-31 shrink-0 flex-col border bg-paper px-1.5 pb-1.5 text-left hover:bg-white ${className}`}
    >
      <Plate piece={piece} className="min-h-0 w-full flex-1" />
      <span className="block w-full truncate text-tiny font-medium">{piece.name}</span>
      {children}
    </button>
  );
}
