"use client";

import { useCallback, useMemo } from "react";
import { hasHem, type HemCell } from "@/core/search/hem-board";
import type { Wardrobe } from "@/core/studio/wardrobe";
import { useAsk, type Question } from "../counsel/use-ask";
import { useCounsel } from "../counsel/use-counsel";

/** A client's hems and shoes, and the rows of the board as the worker reads them, one after another. */
export function useHemBoard(wardrobe: Wardrobe) {
  const advisor = useCounsel(wardrobe);
  const garments = useMemo(() => wardrobe.pieces.filter(hasHem), [wardrobe]);
  const shoes = useMemo(() => wardrobe.pieces.filter((piece) => piece.kind === "shoe"), [wardrobe]);
  const question = useCallback<Question<ReadonlyMap<string, readonly HemCell[]>>>(
    async (counsel, _call, tell) => {
      const rows = new Map<string, readonly HemCell[]>();
      for (const { id } of garments) {
        rows.set(id, await counsel.hemRow(id));
        tell(new Map(rows));
      }
      return rows;
    },
    [garments],
  );
  const { value, state } = useAsk(advisor, question);
  return { garments, shoes, rows: value ?? none, done: state === "answered" };
}

const none: ReadonlyMap<string, readonly HemCell[]> = new Map();
