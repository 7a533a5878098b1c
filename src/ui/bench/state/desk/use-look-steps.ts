import { useEffect, useRef } from "react";
import { useStore } from "zustand";
import type { BenchSource } from "@/core/studio/bench-source";
import type { Keeper } from "../keeper";
import type { LookActions } from "../look-actions";
import type { BenchStore } from "./bench-store";
import type { BenchSteps } from "./steps";

/** A bench with what is done on it. */
interface LaidBench {
  readonly source: BenchSource;
  readonly store: BenchStore;
  readonly steps: BenchSteps;
}

/** Fetches the steps of a look of the record when it is taken up, so that they can be taken back. */
export function useLookSteps(
  { source, store, steps }: LaidBench,
  keeper: Keeper | null,
  stepsOf: LookActions["stepsOf"],
): void {
  const lookId = useStore(store, ({ look }) => look.id);
  const asked = useRef(new Set([source.start.id]));
  useEffect(() => {
    const isOnRecord = source.looks.some(({ id }) => id === lookId);
    if (!keeper || !isOnRecord || asked.current.has(lookId)) return;
    asked.current.add(lookId);
    stepsOf({ lookId }).then(
      (outcome) => {
        if (!outcome.ok) return;
        keeper.know([], outcome.value);
        steps.addSteps(lookId, outcome.value);
      },
      // Without an answer they are asked for again when the look is taken up the next time.
      () => asked.current.delete(lookId),
    );
  }, [source, lookId, steps, keeper, stepsOf]);
}
