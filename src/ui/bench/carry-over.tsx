"use client";

import { withinSentence } from "@/core/words/within-sentence";
import { Button } from "../kit/button";
import { canCarryOver, isBegun } from "./desk/own-looks";
import { useBenchState, useDesk } from "./desk/use-desk";

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
        ? "This look is as you left it."
        : `Nothing is on yet for ${occasionOf(look.occasionId)}, ${baseOf(look.baseId)}.`}
      <Button size="small" onClick={steps.carryOver}>
        {count === 1 ? "Carry over the piece" : `Carry over the ${count} pieces`} from {there}
      </Button>
    </p>
  );

  function occasionOf(id: string | null): string {
    return source.occasions.find((occasion) => occasion.id === id)?.name ?? "no occasion in particular";
  }

  function baseOf(id: string): string {
    return withinSentence(source.bases.find((base) => base.id === id)?.name ?? "another base");
  }
}
