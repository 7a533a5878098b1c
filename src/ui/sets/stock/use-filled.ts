"use client";

import { useCallback } from "react";
import type { SetTemplate } from "@/core/sets/template";
import type { NamedPieces } from "@/core/studio/bench-source";
import type { Wardrobe } from "@/core/studio/wardrobe";
import type { FilledOf } from "@/workers/answers";
import { useAsk, type Question } from "../../counsel/use-ask";
import { useCounsel } from "../../counsel/use-counsel";

/** Templates filled one after another in the worker, in their order; those not done yet are left out. */
export function useFilled(
  wardrobe: Wardrobe,
  templates: readonly SetTemplate[],
  bases: readonly NamedPieces[],
): readonly FilledOf[] {
  const advisor = useCounsel(wardrobe);
  const question = useCallback<Question<readonly FilledOf[]>>(
    async (counsel, _call, tell) => {
      const filled: FilledOf[] = [];
      for (const template of templates) {
        filled.push(await counsel.fill(template, bases));
        tell([...filled]);
      }
      return filled;
    },
    [templates, bases],
  );
  return useAsk(advisor, question).value ?? none;
}

const none: readonly FilledOf[] = [];
