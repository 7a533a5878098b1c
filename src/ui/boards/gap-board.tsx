"use client";

import { useRouter } from "next/navigation";
import { useCallback, useState } from "react";
import { toast } from "sonner";
import type { Outcome } from "@/core/schema/outcome";
import { gapSpecOf, type GapFacts, type GapSpec } from "@/core/search/gap-spec";
import { sayPair } from "@/core/search/gaps";
import type { BenchSource, NamedPieces } from "@/core/studio/bench-source";
import type { GapInput, GapRecord } from "@/core/studio/gap-record";
import type { FoundGaps, ServedPair } from "@/workers/answers";
import { sayWith } from "@/words/say";
import { boardsWords } from "@/words/boards";
import { useAsk, type Question } from "../workers/use-ask";
import { useWorkers, type Workers } from "../workers/use-workers";
import { granted } from "../kit/answer";
import { FoundGapRow } from "./parts/found-gap";
import { OwnGap } from "./parts/own-gap";
import { GapList, type GapListActions } from "./parts/gap-list";
import { unpacking } from "../kit/packed";
import { ServedTable } from "./parts/served-table";

interface GapBoardProps {
  readonly wardrobe: Pick<BenchSource, "client" | "pieces" | "away" | "occasions" | "bases">;
  readonly sets: readonly NamedPieces[];
  /** What is on the client's list already. */
  readonly gaps: readonly GapRecord[];
  readonly actions: GapListActions & {
    readonly add: (input: GapInput) => Promise<Outcome<string>>;
  };
}

function Gaps({ wardrobe, sets, gaps, actions }: GapBoardProps) {
  const router = useRouter();
  // What is put on the list changes nothing of what was read: it is not read again for that.
  const [laid] = useState({ wardrobe, sets });
  const workers = useWorkers(laid.wardrobe);
  const found = useGaps(workers, laid.wardrobe.bases, laid.sets);
  const listed = new Set(gaps.map(({ facts }) => gapSpecOf(facts).say));
  const add = async ({ facts, say }: GapSpec, opens: readonly string[], note = "") => {
    const input = { clientId: wardrobe.client.id, facts, opens, note, budget: null };
    if (!(await granted(() => actions.add(input)))) return false;
    toast(sayWith(boardsWords.onTheGapList, { say }));
    router.refresh();
    return true;
  };
  const opensOf = async (facts: GapFacts): Promise<readonly string[]> =>
    workers
      ? workers.ask(
          (worker) => worker.opens(laid.wardrobe.bases, laid.sets, facts),
          new AbortController().signal,
        )
      : [];
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[minmax(0,1fr)_27rem] print:block">
      <section aria-label={boardsWords.whatIsMissing} className="grid gap-3 print:hidden">
        <p role="status" className="tabular max-w-[75ch]">
          {sayFound(found)}
        </p>
        {found && <ServedTable clientId={wardrobe.client.id} pairs={found.pairs} />}
        {found && found.gaps.length > 0 && <h2 className="mt-2 text-lead">{boardsWords.whatWouldHelp}</h2>}
        <ol className="grid gap-3">
          {found?.gaps.map((gap) => {
            const opens = gap.unlocks.flatMap((i) => found.pairs[i] ?? []);
            return (
              <FoundGapRow
                key={gap.say}
                gap={gap}
                opens={opens}
                of={unservedIn(found)}
                isListed={listed.has(gap.say)}
                onAdd={() => void add(gap, opens.map(sayServed))}
              />
            );
          })}
        </ol>
        {found && isDone(found) && unservedIn(found) > 0 && found.gaps.length === 0 && (
          <p className="max-w-[60ch]">{boardsWords.noSinglePieceWouldHelp}</p>
        )}
      </section>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-4">
        <OwnGap add={add} opensOf={opensOf} clientId={wardrobe.client.id} />
        <GapList client={wardrobe.client} gaps={gaps} actions={actions} />
      </div>
    </div>
  );
}

/** What is missing: the few pieces that would open up most of what no set serves now, and the list kept of them. */
export const GapBoard = unpacking<GapBoardProps, "wardrobe" | "sets" | "gaps">(Gaps);

/** The gaps as the worker finds them; null until it has read what is served. */
function useGaps(
  workers: Workers | null,
  bases: readonly NamedPieces[],
  sets: readonly NamedPieces[],
): FoundGaps | null {
  const question = useCallback<Question<FoundGaps>>(
    (worker, call, tell) => worker.gaps(bases, sets, tell, call),
    [bases, sets],
  );
  return useAsk(workers, question, "filling").value;
}

function isDone({ tried, specs }: FoundGaps): boolean {
  return tried === specs;
}

/** How many bases and occasions no set serves. */
function unservedIn({ pairs }: FoundGaps): number {
  return pairs.filter(({ verdict }) => verdict === "jars").length;
}

function sayServed({ base, occasion }: ServedPair): string {
  return sayPair({ base: base.name, occasion: occasion?.name ?? "" });
}

function sayFound(found: FoundGaps | null): string {
  if (!found) return boardsWords.readingWhatIsServed;
  const { pairs, tried, specs } = found;
  const unserved = unservedIn(found);
  if (unserved === 0) return sayWith(boardsWords.everyBaseIsServedFor, { pairsCount: pairs.length });
  const open = sayWith(boardsWords.ofOutfitsForAnOccasion, { pairsCount: pairs.length, unserved });
  return isDone(found)
    ? sayWith(boardsWords.missingPiecesWereTriedOn, { open, specs })
    : sayWith(boardsWords.ofMissingPiecesTried, { open, tried, specs });
}
