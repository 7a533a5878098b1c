"use client";

import { createContext, useContext } from "react";
import type { PieceRecord } from "@/core/studio/piece-record";
import { railWords } from "@/words/rail";
import { sayWith } from "@/words/say";
import type { Picked } from "../state/use-picked";

const OfRail = createContext<Picked | null>(null);

/** What is picked of the rail below: a box knows it without its row being laid out anew. */
export const PickedProvider = OfRail.Provider;

/** Picks a piece, to do something with several. */
export function PickBox({
  record,
  className = "",
}: {
  readonly record: PieceRecord;
  readonly className?: string;
}) {
  const picked = useContext(OfRail);
  return (
    <input
      type="checkbox"
      aria-label={sayWith(railWords.pick, { name: record.piece.name })}
      checked={picked?.has(record.piece.id) ?? false}
      onChange={() => picked?.toggle(record)}
      className={`z-10 size-4 accent-ink touch:size-11 ${className}`}
    />
  );
}
