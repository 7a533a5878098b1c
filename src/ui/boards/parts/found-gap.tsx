import { listed } from "@/core/words/called";
import type { FoundGaps, ServedPair } from "@/workers/answers";
import { sayWith } from "@/words/say";
import { boardsWords } from "@/words/boards";
import { Plate } from "../../drawing/plate";
import { Button } from "../../kit/button";

interface FoundGapRowProps {
  readonly gap: FoundGaps["gaps"][number];
  /** What it would open. */
  readonly opens: readonly ServedPair[];
  /** Of how many that nothing serves now. */
  readonly of: number;
  readonly isListed: boolean;
  readonly onAdd: () => void;
}

/** One missing piece, drawn as it must be, with what it would open. */
export function FoundGapRow({ gap, opens, of, isListed, onAdd }: FoundGapRowProps) {
  return (
    <li className="grid grid-cols-[7rem_minmax(0,1fr)] gap-4 border border-rule-strong bg-paper p-3">
      <Plate piece={gap.piece} className="h-24 w-full" />
      <div>
        <div className="flex items-start justify-between gap-3">
          <div>
            <h3 className="text-lead leading-tight">{gap.piece.name}</h3>
            <p className="tabular text-ink-soft">
              {sayWith(boardsWords.opensOf, { count: opens.length, total: of })}
            </p>
          </div>
          {isListed ? (
            <span className="whitespace-nowrap text-ink-soft">{boardsWords.onTheList}</span>
          ) : (
            <Button
              size="small"
              onClick={onAdd}
              aria-label={sayWith(boardsWords.putOnTheList, { say: gap.say })}
            >
              {boardsWords.putOnTheListLabel}
            </Button>
          )}
        </div>
        <p className="mt-1">{sayOpens(opens)}</p>
      </div>
    </li>
  );
}

/** What a piece would open, put together by occasion: "9 bases for Gangway inspection; the navy suit for Board meeting". */
function sayOpens(opens: readonly ServedPair[]): string {
  const byOccasion = new Map<string, string[]>();
  for (const { base, occasion } of opens) {
    const name = occasion?.name ?? "";
    byOccasion.set(name, [...(byOccasion.get(name) ?? []), base.name]);
  }
  return [...byOccasion]
    .map(([occasion, bases]) => (occasion ? `${listed(bases)} for ${occasion}` : listed(bases)))
    .join("; ");
}
