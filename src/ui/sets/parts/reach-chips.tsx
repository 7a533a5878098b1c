import type { Route } from "next";
import { Link } from "../../kit/link";
import { markOf } from "@/core/reading/verdict";
import type { Reach } from "@/core/search/reach";
import type { NamedPieces } from "@/core/studio/bench-source";
import { setsWords } from "@/words/sets";
import { VerdictMark, wordOf } from "../../kit/marks";
import { Hint } from "../../kit/hint";

interface ReachChipsProps {
  readonly bases: readonly NamedPieces[];
  readonly reach: readonly Reach[] | undefined;
  /** Where a base opens; without it the chips only tell. */
  readonly hrefOf?: (base: NamedPieces) => Route;
}

const box = "flex h-8 touch:min-h-11 items-center gap-1.5 border border-rule px-2";

/** Every base with the verdict a set gets on it. */
export function ReachChips({ bases, reach, hrefOf }: ReachChipsProps) {
  return (
    <ul className="flex flex-wrap gap-1.5">
      {bases.map((base, i) => {
        const answer = reach?.[i];
        const chip = (
          <>
            {answer ? <VerdictMark of={answer.verdict} className="size-4" /> : <span className="size-4" />}
            <span>{base.name}</span>
            <span className="sr-only">{answer ? wordOf(answer.verdict) : ""}</span>
            <span className="tabular w-5 text-right text-ink-soft">{answer ? markOf(answer) : ""}</span>
          </>
        );
        const words = answer
          ? `${wordOf(answer.verdict)}, ${markOf(answer)}${answer.turned ? setsWords.withATurnUp : ""}`
          : "reading";
        return (
          <li key={base.id}>
            {hrefOf ? (
              <Hint words={words}>
                <Link href={hrefOf(base)} className={`${box} hover:bg-white`}>
                  {chip}
                </Link>
              </Hint>
            ) : (
              <span className={box}>{chip}</span>
            )}
          </li>
        );
      })}
    </ul>
  );
}
