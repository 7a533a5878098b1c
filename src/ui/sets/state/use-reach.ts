"use client";

import { proxy } from "comlink";
import { startTransition, useCallback, useRef, useState } from "react";
import type { Reach } from "@/core/search/reach";
import type { NamedPieces } from "@/core/studio/bench-source";
import type { Wardrobe } from "@/core/studio/wardrobe";
import type { BoardRow } from "@/workers/board";
import { useAskWidely, type WideQuestion } from "../../workers/use-ask";
import { useWorkers } from "../../workers/use-workers";

/** What each set makes of each base, filled in as the workers read them, a batch of sets at a time. */
export function useReach(
  wardrobe: Wardrobe,
  sets: readonly NamedPieces[],
  bases: readonly NamedPieces[],
  occasionId: string | null = null,
): ReachBySet {
  const workers = useWorkers(wardrobe);
  // Answers of the same bases for the same occasion stand until newer ones come.
  const asked = `${occasionId} ${bases.map(({ id }) => id).join()}`;
  const [before, setBefore] = useState<{ readonly asked: string; readonly known: ReachBySet }>({
    asked,
    known: none,
  });
  const stands = before.asked === asked ? before.known : none;
  const latest = useRef(before);
  const question = useCallback<WideQuestion<ReachBySet>>(
    async (workers, signal, tell) => {
      let known = latest.current.asked === asked ? latest.current.known : none;
      const add = (rows: readonly BoardRow[]) => {
        known = new Map([...known, ...rows]);
        latest.current = { asked, known };
        startTransition(() => {
          setBefore(latest.current);
          tell(known);
        });
      };
      const read = (share: readonly NamedPieces[]) =>
        workers.ask(
          (worker, call) => worker.board({ sets: share, bases, occasionId }, proxy(add), call),
          signal,
          "filling",
        );
      await Promise.all(shared(sets, bases.length, workers.parts).map(read));
      return known;
    },
    [sets, bases, occasionId, asked],
  );
  const { value } = useAskWidely(workers, question);
  return value ?? stands;
}

/** So many cells take a worker longer than it takes to begin another. */
const worthAWorker = 400;

/** Sets by the worker that reads them: neighbours go to different ones, so that rows come from the top downwards. */
function shared(sets: readonly NamedPieces[], bases: number, parts: number): NamedPieces[][] {
  const count = Math.max(1, Math.min(parts, Math.ceil((sets.length * bases) / worthAWorker)));
  return Array.from({ length: count }, (_, part) => sets.filter((__, at) => at % count === part));
}

type ReachBySet = ReadonlyMap<string, readonly Reach[]>;

const none: ReachBySet = new Map();
