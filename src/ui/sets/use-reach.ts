"use client";

import { proxy } from "comlink";
import { startTransition, useCallback, useRef, useState } from "react";
import type { Reach } from "@/core/search/reach";
import type { NamedPieces } from "@/core/studio/bench-source";
import type { Wardrobe } from "@/core/studio/wardrobe";
import type { BoardRow } from "@/workers/board";
import { useAsk, type Question } from "../counsel/use-ask";
import { useCounsel } from "../counsel/use-counsel";

/** What each set makes of each base, filled in as the worker reads them, a batch of sets at a time. */
export function useReach(
  wardrobe: Wardrobe,
  sets: readonly NamedPieces[],
  bases: readonly NamedPieces[],
  occasionId: string | null = null,
): ReachBySet {
  const advisor = useCounsel(wardrobe);
  // Answers of the same bases for the same occasion stand until newer ones come.
  const asked = `${occasionId} ${bases.map(({ id }) => id).join()}`;
  const [before, setBefore] = useState<{ readonly asked: string; readonly known: ReachBySet }>({
    asked,
    known: none,
  });
  const stands = before.asked === asked ? before.known : none;
  const latest = useRef(before);
  const question = useCallback<Question<ReachBySet>>(
    async (counsel, call, tell) => {
      let known = latest.current.asked === asked ? latest.current.known : none;
      const add = (rows: readonly BoardRow[]) => {
        known = new Map([...known, ...rows]);
        latest.current = { asked, known };
        startTransition(() => {
          setBefore(latest.current);
          tell(known);
        });
      };
      await counsel.board(sets, bases, occasionId, proxy(add), call);
      return known;
    },
    [sets, bases, occasionId, asked],
  );
  const { value } = useAsk(advisor, question);
  return value ?? stands;
}

type ReachBySet = ReadonlyMap<string, readonly Reach[]>;

const none: ReachBySet = new Map();
