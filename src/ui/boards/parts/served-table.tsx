"use client";

import { useState } from "react";
import { phrase } from "@/core/reading/phrase";
import type { Verdict } from "@/core/reading/verdict";
import type { NamedPieces } from "@/core/studio/bench-source";
import type { ServedPair } from "@/workers/answers";
import { sayWith } from "@/words/say";
import { boardsWords } from "@/words/boards";
import { ButtonLink } from "../../kit/button";
import { useLengthUnit } from "../../kit/length-unit";
import { VerdictMark, wordOf } from "../../kit/marks";

interface ServedTableProps {
  readonly clientId: string;
  readonly pairs: readonly ServedPair[];
}

/** Every base for every occasion with the best that any set makes of it; one that is pressed is told in words. */
export function ServedTable({ clientId, pairs }: ServedTableProps) {
  const firstOpen = pairs.findIndex(({ verdict }) => verdict === "jars");
  const [chosen, setChosen] = useState<number | null>(null);
  const at = chosen ?? Math.max(0, firstOpen);
  const bases = distinct(pairs.map(({ base }) => base));
  const occasions = distinct(
    pairs.map(({ occasion }) => occasion ?? { id: "", name: boardsWords.noOccasionInParticular }),
  );
  const shown = pairs[at];
  return (
    <div className="border border-rule-strong bg-paper">
      <div
        className="max-h-96 overflow-auto"
        tabIndex={0}
        role="region"
        aria-label={boardsWords.whatTheSetsServe}
      >
        <table className="w-full border-separate border-spacing-0">
          <thead>
            <HeadRow occasions={occasions} />
          </thead>
          <tbody>
            {bases.map(({ id, name }) => (
              <tr key={id}>
                <th
                  scope="row"
                  className="sticky left-0 z-10 border-r border-b border-rule border-r-rule-strong bg-paper px-3 text-left font-medium"
                >
                  {name}
                </th>
                {occasions.map((occasion) => {
                  const i = pairs.findIndex(
                    (pair) => pair.base.id === id && (pair.occasion?.id ?? "") === occasion.id,
                  );
                  const pair = pairs[i];
                  return (
                    <td key={occasion.id} className="border-b border-rule p-0 text-center">
                      {pair && (
                        <PairButton
                          label={`${name}, ${occasion.name}: ${wordOf(pair.verdict)}`}
                          verdict={pair.verdict}
                          isChosen={i === at}
                          onChoose={() => setChosen(i)}
                        />
                      )}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {shown && <PairInWords clientId={clientId} pair={shown} />}
    </div>
  );
}

function HeadRow({ occasions }: { readonly occasions: readonly Pick<NamedPieces, "id" | "name">[] }) {
  return (
    <tr>
      <th className="sticky top-0 left-0 z-20 border-r border-b border-rule-strong bg-paper px-3 py-2 text-left font-normal text-ink-soft">
        {boardsWords.servedByASet}
      </th>
      {occasions.map(({ id, name }) => (
        <th
          key={id}
          scope="col"
          className="sticky top-0 z-10 min-w-24 border-b border-rule-strong bg-paper px-2 py-2 align-bottom font-medium"
        >
          {name}
        </th>
      ))}
    </tr>
  );
}

interface PairButtonProps {
  readonly label: string;
  readonly verdict: Verdict;
  readonly isChosen: boolean;
  readonly onChoose: () => void;
}

function PairButton({ label, verdict, isChosen, onChoose }: PairButtonProps) {
  return (
    <button
      type="button"
      aria-pressed={isChosen}
      aria-label={label}
      onClick={onChoose}
      className={`flex h-8 w-full touch:min-h-11 items-center justify-center hover:bg-well ${isChosen ? "basted bg-white" : ""}`}
    >
      <VerdictMark of={verdict} className="size-4.5" />
    </button>
  );
}

/** What a set makes of a base for an occasion, and why none serves it where none does. */
function PairInWords({ clientId, pair }: { readonly clientId: string; readonly pair: ServedPair }) {
  const unit = useLengthUnit();
  const { base, occasion, set, verdict, why } = pair;
  return (
    <div className="flex items-start justify-between gap-4 border-t border-rule-strong px-3 py-2.5">
      <p aria-live="polite">
        <span className="font-medium">
          {base.name}
          {occasion && `, ${occasion.name}`}:
        </span>{" "}
        {verdict === "jars"
          ? sayWith(boardsWords.noSetServesItComes, { set: set.name })
          : sayWith(boardsWords.onIt, { set: set.name, verdict: wordOf(verdict) })}
        {why && <span className="block text-ink-soft">{phrase(why, unit)}</span>}
      </p>
      <ButtonLink
        size="small"
        className="shrink-0"
        href={`/bench?client=${clientId}&base=${base.id}&set=${set.id}${occasion ? `&occasion=${occasion.id}` : ""}`}
      >
        {boardsWords.openOnTheBench}
      </ButtonLink>
    </div>
  );
}

/** Each once, in the order in which they first come. */
function distinct<T extends Pick<NamedPieces, "id" | "name">>(named: readonly T[]): T[] {
  return [...new Map(named.map((each) => [each.id, each])).values()];
}
