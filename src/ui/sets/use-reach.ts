"use client";

import { useEffect, useState } from "react";
import type { Reach } from "@/core/search/reach";
import type { NamedPieces } from "@/core/studio/bench-source";
import type { Wardrobe } from "@/core/studio/wardrobe";
import { useCounsel } from "../counsel/use-counsel";

/** What each set makes of each base, filled in set by set as the worker answers. */
export function useReach(
  wardrobe: Wardrobe,
  sets: readonly NamedPieces[],
  bases: readonly NamedPieces[],
  occasionId: string | null = null,
): ReadonlyMap<string, readonly Reach[]> {
  const counsel = useCounsel(wardrobe);
  const [reach, setReach] = useState<ReadonlyMap<string, readonly Reach[]>>(new Map());
  useEffect(() => {
    if (!counsel) return;
    let current = true;
    setReach(new Map());
    void (async () => {
      for (const set of sets) {
        const answer = await counsel.reach(
          set.pieceIds,
          bases.map(({ pieceIds }) => pieceIds),
          occasionId,
        );
        if (!current) return;
        setReach((before) => new Map(before).set(set.id, answer));
      }
    })();
    return () => {
      current = false;
    };
  }, [counsel, sets, bases, occasionId]);
  return reach;
}
