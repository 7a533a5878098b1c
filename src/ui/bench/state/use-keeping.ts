"use client";

import { useEffect, useMemo, useRef, useState } from "react";
import type { BenchSource } from "@/core/studio/bench-source";
import type { LookNow } from "@/core/studio/look-record";
import type { LookStep } from "@/core/studio/look-steps";
import { useDraftScope } from "../../kit/draft-scope";
import { Keeper, type Keeping, type SaveLook } from "./keeper";

interface KeepingOfBench {
  readonly keeping: Keeping;
  /** Null for a look from a file, which is not kept. */
  readonly keeper: Keeper | null;
}

/** Keeps whatever look lies on the bench, as soon as something of it is no longer as it was. */
export function useKeeping(
  source: BenchSource,
  look: LookNow,
  steps: readonly LookStep[],
  save: SaveLook | null,
): KeepingOfBench {
  const [keeping, setKeeping] = useState<Keeping>({ state: "kept" });
  const [first] = useState(source);
  const madeBy = useDraftScope();
  const keeper = useMemo(() => save && new Keeper(save, madeBy, setKeeping), [save, madeBy]);
  const seen = useRef(new Map<string, string>());

  useEffect(() => {
    if (!keeper) return;
    keeper.know(first.looks, first.startSteps);
    keeper.takeUpWaiting(first.client.id);
    return () => keeper.sendNow();
  }, [keeper, first]);

  useEffect(() => {
    if (!keeper) return;
    const now = JSON.stringify(look);
    const before = seen.current.get(look.id);
    if (before === now) return;
    seen.current.set(look.id, now);
    const isOnRecord = first.looks.some(({ id }) => id === look.id);
    const isAsFound = before === undefined && (isOnRecord || isUntouched(look));
    if (!isAsFound) keeper.keep(look, steps);
  }, [keeper, first, look, steps]);

  return { keeping, keeper };
}

/** A new look to which nothing was done yet. */
function isUntouched({ stepId, name, note }: LookNow): boolean {
  return stepId === null && name === "" && note === "";
}
