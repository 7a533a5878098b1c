"use client";

import { useCallback, useMemo } from "react";
import { hasHem, type HemCell } from "@/core/search/hem-board";
import type { Wardrobe } from "@/core/studio/wardrobe";
import { useAskWidely, type WideQuestion } from "../../workers/use-ask";
import { useWorkers } from "../../workers/use-workers";

/** A client's hems and shoes, and the rows of the board as the workers read them. */
export function useHemBoard(wardrobe: Wardrobe) {
  const workers = useWorkers(wardrobe);
  const garments = useMemo(() => wardrobe.pieces.filter(hasHem), [wardrobe]);
  const shoes = useMemo(() => wardrobe.pieces.filter((piece) => piece.kind === "shoe"), [wardrobe]);
  const question = useCallback<WideQuestion<ReadonlyMap<string, readonly HemCell[]>>>(
    async (workers, signal, tell) => {
      const rows = new Map<string, readonly HemCell[]>();
      const readRow = async (id: string) => {
        rows.set(id, await workers.ask((worker) => worker.hemRow(id), signal, "filling"));
        tell(new Map(rows));
      };
      await Promise.all(garments.map(({ id }) => readRow(id)));
      return rows;
    },
    [garments],
  );
  const { value, state } = useAskWidely(workers, question);
  return { garments, shoes, rows: value ?? none, done: state === "answered" };
}

const none: ReadonlyMap<string, readonly HemCell[]> = new Map();
