"use client";

import { isAwayOn } from "@/core/piece/on-record";
import { slotOf } from "@/core/piece/piece";
import { sayDay } from "@/core/words/day";
import { benchWords } from "@/words/bench";
import { sayWith } from "@/words/say";
import { useBenchState, useDesk } from "../state/desk/use-desk";

/** What would be offered at the station and is away on the day, each with the reason. */
export function NotHere() {
  const { source, look } = useDesk();
  const active = useBenchState((state) => state.active);
  const { onRecord } = source;
  if (!onRecord) return null;
  const day = look.occasion?.day ?? onRecord.today;
  const away = source.pieces.flatMap((piece) => {
    const upkeep = onRecord.upkeep[piece.id];
    if (!upkeep || slotOf(piece) !== active || !isAwayOn(upkeep, day)) return [];
    return [
      upkeep.back === null
        ? sayWith(benchWords.pieceIsAway, { piece: piece.name, why: upkeep.away ?? "" })
        : sayWith(benchWords.pieceIsAwayUntil, {
            piece: piece.name,
            why: upkeep.away ?? "",
            back: sayDay(upkeep.back),
          }),
    ];
  });
  if (away.length === 0) return null;
  return (
    <p data-away className="shrink-0 truncate px-4 pb-1 text-tiny text-ink-soft" title={away.join("; ")}>
      {sayWith(benchWords.notHereOn, { day: sayDay(day), pieces: away.join("; ") })}
    </p>
  );
}
