import { useCallback, useMemo, useState } from "react";
import type { Slot } from "@/core/piece/slots";
import type { Edge } from "@/core/reading/edges";
import type { Certainty } from "@/core/reading/open-questions";
import type { Remedies } from "@/core/reading/remedies";
import type { TurnUpAnswer } from "@/core/reading/turn-ups";
import type { LookKey } from "@/core/studio/wardrobe";
import type { RankedPiece } from "@/workers/answers";
import { useAsk, type Question } from "../../workers/use-ask";
import type { Workers } from "../../workers/use-workers";
import { passes, type Narrowed } from "./narrowed";

interface Told {
  readonly key: LookKey;
  readonly slot: Slot;
  readonly candidates: readonly RankedPiece[];
  readonly remedies: Remedies;
  readonly turnUp: TurnUpAnswer | null;
  readonly edges: readonly Edge[];
  readonly certainty: Certainty;
}

/** What the worker says of a look. */
export interface BenchAnswers {
  /** Candidates for the station that pass the tray's filter, the best first. */
  readonly candidates: readonly RankedPiece[];
  /** How many pieces of the station pass the filter and do not belong at the occasion. */
  readonly notBelonging: number;
  /** What mends the findings of this look, and what else would better it; none while it is not known. */
  readonly remedies: Remedies;
  readonly turnUp: TurnUpAnswer | null;
  /** The figures on which the verdict of this look hangs; none while they are not known. */
  readonly edges: readonly Edge[];
  /** What nobody has said of what is worn, and what of it would decide; nothing while it is not known. */
  readonly certainty: Certainty;
  /** Whether these are the answers for this look and station. */
  readonly fresh: boolean;
  /** Whether the remedies and the turn-up are those of this look, whatever the station. */
  readonly ofThisLook: boolean;
}

/** What the tray shows of the candidates. */
interface Shown extends Narrowed {
  readonly beyond: boolean;
}

/** Candidates for a station, remedies and the best turn-up for a look. Until they come, the last ones stay. */
export function useAnswers(
  workers: Workers | null,
  key: LookKey,
  slot: Slot,
  { beyond, ...narrowed }: Shown,
): BenchAnswers {
  const question = useCallback<Question<Told>>(
    async (worker) => {
      const candidates = await worker.rank(key, slot);
      const [remedies, turnUp, edges, certainty] = await Promise.all([
        worker.remedies(key),
        worker.turnUp(key),
        worker.edges(key),
        worker.certainty(key),
      ]);
      return { key, slot, candidates, remedies, turnUp, edges, certainty };
    },
    [key, slot],
  );
  const { value } = useAsk(workers, question);
  const [last, setLast] = useState(value);
  if (value && value !== last) setLast(value);
  const told = value ?? last;
  const ofStation = told?.slot === slot ? told : null;
  const { filter, whose, kit, family, metal, rest, lastWorn, today, named, level } = narrowed;
  const passing = useMemo(
    () =>
      ofStation?.candidates.filter((candidate) =>
        passes(candidate, { filter, whose, kit, family, metal, rest, lastWorn, today, named, level }),
      ) ?? [],
    [ofStation, filter, whose, kit, family, metal, rest, lastWorn, today, named, level],
  );
  const candidates = useMemo(
    () => [...passing.filter(mayBeShown), ...(beyond ? passing.filter((each) => !mayBeShown(each)) : [])],
    [passing, beyond],
  );
  const ofThisLook = told?.key === key;
  return {
    candidates,
    notBelonging: passing.filter((each) => !mayBeShown(each)).length,
    remedies: ofThisLook ? told.remedies : noRemedies,
    turnUp: ofThisLook ? told.turnUp : null,
    edges: ofThisLook ? told.edges : noEdges,
    certainty: ofThisLook ? told.certainty : certain,
    fresh: ofThisLook && told.slot === slot,
    ofThisLook,
  };
}

const noEdges: readonly Edge[] = [];
const certain: Certainty = { open: [], idle: 0 };
const noRemedies: Remedies = { mended: [], alsoBetter: [] };

/** What is on is shown even where it does not belong. */
function mayBeShown({ belongs, worn }: RankedPiece): boolean {
  return belongs || worn;
}
