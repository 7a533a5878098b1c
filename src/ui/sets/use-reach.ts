"use client";

import { proxy } from "comlink";
import { startTransition, useEffect, useState } from "react";
import type { Reach } from "@/core/search/reach";
import type { NamedPieces } from "@/core/studio/bench-source";
import type { Wardrobe } from "@/core/studio/wardrobe";
import type { BoardRow } from "@/workers/board";
import { useCounsel } from "../counsel/use-counsel";

/** What each set makes of each base, filled in as the worker reads them, a batch of sets at a time. */
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
    const tell = (rows: readonly BoardRow[]) => {
      if (current) startTransition(() => setReach((before) => new Map([...before, ...rows])));
    };
    void counsel.board(sets, bases, occasionId, proxy(tell));
    return () => {
      current = false;
    };
  }, [counsel, sets, bases, occasionId]);
  return reach;
}
