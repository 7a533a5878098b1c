"use client";

import { useEffect, useState } from "react";
import type { Reach } from "@/core/search/reach";
import type { GroupRecord } from "@/core/studio/group-record";
import type { Wardrobe } from "@/core/studio/wardrobe";
import { useCounsel } from "../counsel/use-counsel";

/** What each set makes of each base, filled in set by set as the worker answers. */
export function useReach(
  wardrobe: Wardrobe,
  sets: readonly GroupRecord[],
  bases: readonly GroupRecord[],
): ReadonlyMap<string, readonly Reach[]> {
  const counsel = useCounsel(wardrobe);
  const [reach, setReach] = useState<ReadonlyMap<string, readonly Reach[]>>(new Map());
  useEffect(() => {
    if (!counsel) return;
    let current = true;
    void (async () => {
      for (const set of sets) {
        const answer = await counsel.reach(
          set.pieceIds,
          bases.map(({ pieceIds }) => pieceIds),
        );
        if (!current) return;
        setReach((before) => new Map(before).set(set.id, answer));
      }
    })();
    return () => {
      current = false;
    };
  }, [counsel, sets, bases]);
  return reach;
}
