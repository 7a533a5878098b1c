"use client";

import { useEffect, useMemo, useState } from "react";
import { hasHem, type HemCell } from "@/core/search/hem-board";
import type { Wardrobe } from "@/core/studio/wardrobe";
import { useCounsel } from "../counsel/use-counsel";

/** A client's hems and shoes, and the rows of the board as the worker reads them, one after another. */
export function useHemBoard(wardrobe: Wardrobe) {
  const counsel = useCounsel(wardrobe);
  const garments = useMemo(() => wardrobe.pieces.filter(hasHem), [wardrobe]);
  const shoes = useMemo(() => wardrobe.pieces.filter((piece) => piece.kind === "shoe"), [wardrobe]);
  const [rows, setRows] = useState<ReadonlyMap<string, readonly HemCell[]>>(new Map());
  useEffect(() => {
    if (!counsel) return;
    let current = true;
    void (async () => {
      for (const garment of garments) {
        const row = await counsel.hemRow(garment.id);
        if (!current) return;
        setRows((before) => new Map(before).set(garment.id, row));
      }
    })();
    return () => {
      current = false;
    };
  }, [counsel, garments]);
  return { garments, shoes, rows, done: rows.size === garments.length };
}
