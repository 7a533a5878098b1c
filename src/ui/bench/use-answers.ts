"use client";

import type { Remote } from "comlink";
import { useEffect, useRef, useState } from "react";
import type { Slot } from "@/core/piece/slots";
import type { Mended } from "@/core/reading/remedies";
import type { TurnUpAnswer } from "@/core/reading/turn-ups";
import type { LookKey } from "@/core/studio/wardrobe";
import type { RankedPiece } from "@/workers/answers";
import type { Counsel } from "@/workers/counsel";

/** What the worker says of a look; `of` tells which look and station it was asked about. */
interface Answers {
  readonly of: { readonly key: LookKey; readonly slot: Slot } | null;
  readonly candidates: readonly RankedPiece[];
  readonly mended: readonly Mended[];
  readonly turnUp: TurnUpAnswer | null;
}

const none: Answers = { of: null, candidates: [], mended: [], turnUp: null };

/**
 * Candidates for a station, remedies and the best turn-up for a look. Until the worker has answered, the
 * last answers stay, with `fresh` false.
 */
export function useAnswers(counsel: Remote<Counsel> | null, key: LookKey, slot: Slot) {
  const [answers, setAnswers] = useState(none);
  const asked = useRef(0);
  useEffect(() => {
    if (!counsel) return;
    const mine = (asked.current += 1);
    void (async () => {
      const candidates = await counsel.rank(key, slot);
      if (mine !== asked.current) return;
      const [mended, turnUp] = await Promise.all([counsel.remedies(key), counsel.turnUp(key)]);
      if (mine === asked.current) setAnswers({ of: { key, slot }, candidates, mended, turnUp });
    })();
  }, [counsel, key, slot]);
  return {
    ...answers,
    fresh: answers.of?.key === key && answers.of.slot === slot,
    /** Whether the remedies and the turn-up are those of this look, whatever the station. */
    ofThisLook: answers.of?.key === key,
    candidates: answers.of?.slot === slot ? answers.candidates : [],
  };
}
