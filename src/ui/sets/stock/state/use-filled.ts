"use client";

import { useCallback } from "react";
import type { SetTemplate } from "@/core/sets/template";
import type { NamedPieces } from "@/core/studio/bench-source";
import type { Wardrobe } from "@/core/studio/wardrobe";
import type { FilledOf } from "@/workers/answers";
import { useAskWidely, type WideQuestion } from "../../../workers/use-ask";
import { useWorkers } from "../../../workers/use-workers";

/** Templates filled by the workers, told in their order; those not done yet are left out. */
export function useFilled(
  wardrobe: Wardrobe,
  templates: readonly SetTemplate[],
  bases: readonly NamedPieces[],
): readonly FilledOf[] {
  const workers = useWorkers(wardrobe);
  const question = useCallback<WideQuestion<readonly FilledOf[]>>(
    async (workers, signal, tell) => {
      const filled = new Map<number, FilledOf>();
      const fill = async (template: SetTemplate, at: number) => {
        filled.set(at, await workers.ask((worker) => worker.fill(template, bases), signal, "filling"));
        tell(first(filled));
      };
      await Promise.all(templates.map(fill));
      return first(filled);
    },
    [templates, bases],
  );
  return useAskWidely(workers, question).value ?? none;
}

const none: readonly FilledOf[] = [];

/** Those that are done, up to the first that is not. */
function first(filled: ReadonlyMap<number, FilledOf>): FilledOf[] {
  const done: FilledOf[] = [];
  for (let next = filled.get(0); next; next = filled.get(done.length)) done.push(next);
  return done;
}
