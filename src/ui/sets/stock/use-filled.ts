"use client";

import { useEffect, useState } from "react";
import type { SetTemplate } from "@/core/sets/template";
import type { NamedPieces } from "@/core/studio/bench-source";
import type { Wardrobe } from "@/core/studio/wardrobe";
import type { FilledOf } from "@/workers/answers";
import { useCounsel } from "../../counsel/use-counsel";

/** Templates filled one after another in the worker, in their order; those not done yet are left out. */
export function useFilled(
  wardrobe: Wardrobe,
  templates: readonly SetTemplate[],
  bases: readonly NamedPieces[],
): readonly FilledOf[] {
  const counsel = useCounsel(wardrobe);
  const [filled, setFilled] = useState<readonly FilledOf[]>([]);
  useEffect(() => {
    if (!counsel) return;
    let current = true;
    setFilled([]);
    void (async () => {
      for (const template of templates) {
        const answer = await counsel.fill(template, bases);
        if (!current) return;
        setFilled((before) => [...before, answer]);
      }
    })();
    return () => {
      current = false;
    };
  }, [counsel, templates, bases]);
  return filled;
}
