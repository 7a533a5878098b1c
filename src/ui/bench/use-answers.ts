import { useCallback, useMemo, useState } from "react";
import type { Slot } from "@/core/piece/slots";
import type { Edge } from "@/core/reading/edges";
import type { Remedies } from "@/core/reading/remedies";
import type { TurnUpAnswer } from "@/core/reading/turn-ups";
import type { LookKey } from "@/core/studio/wardrobe";
import type { RankedPiece } from "@/workers/answers";
import { useAsk, type Question } from "../counsel/use-ask";
import type { Advisor } from "../counsel/use-counsel";
import type { TrayFilter } from "./desk/bench-store";

interface Told {
  readonly key: LookKey;
  readonly slot: Slot;
  readonly candidates: readonly RankedPiece[];
  readonly remedies: Remedies;
  readonly turnUp: TurnUpAnswer | null;
  readonly edges: readonly Edge[];
}

/** What the worker says of a look. */
export interface Answers {
  /** Candidates for the station that pass the tray's filter, the best first. */
  readonly candidates: readonly RankedPiece[];
  /** What mends the findings of this look, and what else would better it; none while it is not known. */
  readonly remedies: Remedies;
  readonly turnUp: TurnUpAnswer | null;
  /** The figures on which the verdict of this look hangs; none while they are not known. */
  readonly edges: readonly Edge[];
  /** Whether these are the answers for this look and station. */
  readonly fresh: boolean;
  /** Whether the remedies and the turn-up are those of this look, whatever the station. */
  readonly ofThisLook: boolean;
}

/** Candidates for a station, remedies and the best turn-up for a look. Until they come, the last ones stay. */
export function useAnswers(advisor: Advisor | null, key: LookKey, slot: Slot, filter: TrayFilter): Answers {
  const question = useCallback<Question<Told>>(
    async (counsel) => {
      const candidates = await counsel.rank(key, slot);
      const [remedies, turnUp, edges] = await Promise.all([
        counsel.remedies(key),
        counsel.turnUp(key),
        counsel.edges(key),
      ]);
      return { key, slot, candidates, remedies, turnUp, edges };
    },
    [key, slot],
  );
  const { value } = useAsk(advisor, question);
  const [last, setLast] = useState(value);
  if (value && value !== last) setLast(value);
  const told = value ?? last;
  const ofStation = told?.slot === slot ? told : null;
  const candidates = useMemo(
    () => ofStation?.candidates.filter((candidate) => passes(candidate, filter)) ?? [],
    [ofStation, filter],
  );
  const ofThisLook = told?.key === key;
  return {
    candidates,
    remedies: ofThisLook ? told.remedies : noRemedies,
    turnUp: ofThisLook ? told.turnUp : null,
    edges: ofThisLook ? told.edges : noEdges,
    fresh: ofThisLook && told.slot === slot,
    ofThisLook,
  };
}

const noEdges: readonly Edge[] = [];
const noRemedies: Remedies = { mended: [], alsoBetter: [] };

function passes({ mends, brings }: RankedPiece, filter: TrayFilter): boolean {
  if (filter === "mends") return mends.length > 0;
  return filter === "all" || brings.length === 0;
}
