import { useMemo } from "react";
import type { Reach } from "@/core/search/reach";
import { boardWords } from "@/core/sets/board-words";
import type { NamedPieces } from "@/core/studio/bench-source";
import { sayWith } from "@/words/say";
import { boardsWords } from "@/words/boards";

interface SetBoardWordsProps {
  readonly reach: ReadonlyMap<string, readonly Reach[]>;
  readonly sets: readonly NamedPieces[];
  readonly bases: readonly NamedPieces[];
}

/** What no set serves, which sets serve nothing, and which levels are missing. */
export function SetBoardWords({ reach, sets, bases }: SetBoardWordsProps) {
  const words = useMemo(() => boardWords(sets.map(({ id }) => reach.get(id) ?? [])), [reach, sets]);
  const names = (of: readonly NamedPieces[], at: readonly number[]) =>
    at.map((i) => of[i]?.name ?? "").join(", ");
  const lines = [
    words.basesUnserved.length > 0 &&
      sayWith(boardsWords.noSetServes, { names: names(bases, words.basesUnserved) }),
    words.setsIdle.length > 0 &&
      sayWith(boardsWords.serveNothingHere, { names: names(sets, words.setsIdle) }),
    words.levelsMissing.length > 0 &&
      sayWith(boardsWords.betweenTheQuietestAndThe, {
        levelsMissing: words.levelsMissing.join(", "),
      }),
  ].filter((line): line is string => typeof line === "string");
  return (
    <div className="mt-4 max-w-[70ch]" aria-live="polite">
      {lines.length === 0 ? (
        <p>{boardsWords.everyBaseIsServedAnd}</p>
      ) : (
        lines.map((line) => <p key={line}>{line}</p>)
      )}
    </div>
  );
}
