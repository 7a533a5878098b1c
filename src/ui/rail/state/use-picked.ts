"use client";

import { useCallback, useMemo, useState } from "react";
import type { PieceRecord } from "@/core/studio/piece-record";

/** The pieces that were picked on the rail, in the order in which they were. */
export interface Picked {
  readonly records: readonly PieceRecord[];
  readonly has: (id: string) => boolean;
  readonly toggle: (record: PieceRecord) => void;
  readonly clear: () => void;
}

export function usePicked(): Picked {
  const [held, setHeld] = useState<ReadonlyMap<string, PieceRecord>>(new Map());
  const toggle = useCallback((record: PieceRecord) => {
    setHeld((before) => {
      const next = new Map(before);
      if (!next.delete(record.piece.id)) next.set(record.piece.id, record);
      return next;
    });
  }, []);
  const clear = useCallback(() => setHeld(new Map()), []);
  return useMemo(
    () => ({ records: [...held.values()], has: (id: string) => held.has(id), toggle, clear }),
    [held, toggle, clear],
  );
}
