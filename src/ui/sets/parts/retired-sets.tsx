"use client";

import { useRouter } from "next/navigation";
import type { Piece } from "@/core/piece/piece";
import type { GroupRecord } from "@/core/studio/group-record";
import { sayWith } from "@/words/say";
import { setsWords } from "@/words/sets";
import { Plate } from "../../drawing/plate";
import { granted } from "../../kit/answer";
import { Button } from "../../kit/button";
import { PutAway } from "../../kit/form/put-away";
import type { LibraryActions } from "../state/library-actions";

interface RetiredSetsProps {
  readonly sets: readonly GroupRecord[];
  readonly pieces: readonly Piece[];
  readonly actions: LibraryActions;
}

/** Sets that are offered no more; each can be taken up again. */
export function RetiredSets({ sets, pieces, actions }: RetiredSetsProps) {
  const router = useRouter();
  if (sets.length === 0) return null;
  const takeUp = async (id: string) => {
    if (await granted(() => actions.retire({ id, away: false }))) router.refresh();
  };
  return (
    <details className="mt-5 border border-rule bg-paper px-4 py-2">
      <summary className="py-1">{sayWith(setsWords.retired, { setsCount: sets.length })}</summary>
      <ul>
        {sets.map((set) => (
          <li key={set.id} className="flex flex-wrap items-center gap-4 border-t border-rule py-1.5">
            <span className="w-60 font-serif text-body">{set.name}</span>
            <span className="flex flex-1" aria-hidden="true">
              {set.pieceIds
                .flatMap((id) => pieces.find((piece) => piece.id === id) ?? [])
                .map((piece) => (
                  <Plate key={piece.id} piece={piece} className="h-10 w-12" />
                ))}
            </span>
            <Button size="small" onClick={() => void takeUp(set.id)}>
              {setsWords.takeUpAgain}
            </Button>
            <PutAway id={set.id} name={set.name} move={actions.putAway} then="/sets" />
          </li>
        ))}
      </ul>
    </details>
  );
}
