"use client";

import { proxy } from "comlink";
import { startTransition, useEffect, useRef, useState } from "react";
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
  // Answers of the same bases for the same occasion stand until newer ones come.
  const asked = `${occasionId} ${bases.map(({ id }) => id).join()}`;
  const before = useRef(asked);
  useEffect(() => {
    if (!counsel) return;
    let current = true;
    if (before.current !== asked) setReach(new Map());
    before.current = asked;
    const tell = (rows: readonly BoardRow[]) => {
      if (current) startTransition(() => setReach((known) => new Map([...known, ...rows])));
    };
    void counsel.board(sets, bases, occasionId, proxy(tell));
    return () => {
      current = false;
    };
  }, [counsel, sets, bases, occasionId, asked]);
  return reach;
}
