"use client";

import { withinSentence } from "@/core/words/within-sentence";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { Button } from "../../kit/button";
import { canCarryOver, isBegun } from "../state/desk/own-looks";
import { useBenchState, useDesk } from "../state/desk/use-desk";

/** After another base or occasion is chosen: what lies there, and a button that takes along what was on. */
export function CarryOver() {
  const { source, steps } = useDesk();
  const look = useBenchState((state) => state.look);
  const left = useBenchState((state) => state.left);
  if (!left || !canCarryOver({ look, left })) return null;
  const count = left.accessoryIds.length;
  const there = look.baseId === left.baseId ? occasionOf(left.occasionId) : baseOf(left.baseId);
  return (
    <p role="status" className="flex flex-wrap items-center gap-3 py-1 text-small text-ink">
      {isBegun(look)
        ? benchWords.thisLookIsAsYou
        : sayWith(benchWords.nothingIsOnYetFor, {
            occasionOf: occasionOf(look.occasionId),
            baseOf: baseOf(look.baseId),
          })}
      <Button size="small" onClick={steps.carryOver}>
        {sayWith(benchWords.carryOverThePiecesFrom, { count, there })}
      </Button>
    </p>
  );

  function occasionOf(id: string | null): string {
    return source.occasions.find((occasion) => occasion.id === id)?.name ?? benchWords.noOccasionInParticular;
  }

  function baseOf(id: string): string {
    return withinSentence(source.bases.find((base) => base.id === id)?.name ?? benchWords.anotherBase);
  }
}
