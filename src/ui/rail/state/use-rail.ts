"use client";

import { useCallback, useEffect, useRef, useState } from "react";
import { toast } from "sonner";
import type { Outcome } from "@/core/schema/outcome";
import type { PieceRecord } from "@/core/studio/piece-record";
import { railWindowSize, type RailWindow, type RailWish } from "@/core/studio/rail";
import { answerOf, sayFaults } from "../../kit/answer";

export type LookAlongRail = (input: RailWish & { readonly from: number }) => Promise<Outcome<RailWindow>>;

/** A pause in typing after which is looked, ms. */
const pause = 120;

interface SeenRows {
  readonly wish: RailWish;
  readonly count: number;
  /** What was fetched, by its place on the rail. */
  readonly pieces: ReadonlyMap<number, PieceRecord>;
}

/**
 * The rail as it is wished, fetched a window at a time; what was seen before stays until the new wish is answered.
 * @param first the window the page came with, for the wish of its address
 */
export function useRail(look: LookAlongRail, wish: RailWish, first: RailWindow) {
  const [seen, setSeen] = useState<SeenRows>({ wish, count: first.count, pieces: placed(first) });
  const asked = useRef(new Set<string>());
  const isSame = keyOf(seen.wish) === keyOf(wish);

  useEffect(() => {
    if (isSame) return;
    let wanted = true;
    const timer = setTimeout(() => {
      asked.current.clear();
      void answerOf(() => look({ ...wish, from: 0 })).then((outcome) => {
        if (!wanted) return;
        if (outcome.ok) setSeen({ wish, count: outcome.value.count, pieces: placed(outcome.value) });
        else toast(sayFaults(outcome));
      });
    }, pause);
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [look, wish, isSame]);

  /** Sees to it that the pieces of two places and all between are fetched. */
  const reach = useCallback(
    (from: number, to: number) => {
      const start = Math.floor(from / railWindowSize) * railWindowSize;
      for (let at = start; at <= to; at += railWindowSize) {
        const key = `${keyOf(seen.wish)} ${at}`;
        if (seen.pieces.has(at) || asked.current.has(key)) continue;
        asked.current.add(key);
        void answerOf(() => look({ ...seen.wish, from: at })).then((outcome) => {
          if (!outcome.ok) {
            asked.current.delete(key);
            return;
          }
          setSeen((now) =>
            keyOf(now.wish) === keyOf(seen.wish)
              ? { ...now, pieces: new Map([...now.pieces, ...placed(outcome.value)]) }
              : now,
          );
        });
      }
    },
    [look, seen],
  );
  /** Looks up what is shown anew, after pieces were changed. */
  const again = useCallback(() => {
    void answerOf(() => look({ ...seen.wish, from: 0 })).then((outcome) => {
      if (!outcome.ok) return;
      asked.current.clear();
      setSeen({ wish: seen.wish, count: outcome.value.count, pieces: placed(outcome.value) });
    });
  }, [look, seen.wish]);
  return { count: seen.count, pieces: seen.pieces, reach, again };
}

function placed({ from, pieces }: RailWindow): ReadonlyMap<number, PieceRecord> {
  return new Map(pieces.map((record, i) => [from + i, record]));
}

function keyOf(wish: RailWish): string {
  return JSON.stringify(wish);
}
