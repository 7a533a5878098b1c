import { Link } from "../../kit/link";
import { markOf } from "@/core/reading/verdict";
import type { Reach } from "@/core/search/reach";
import { boardsWords } from "@/words/boards";
import { VerdictMark, wordOf } from "../../kit/marks";

interface VerdictCellProps {
  readonly read: Reach;
  /** What is read, in words. */
  readonly of: string;
  readonly href: `/bench?${string}`;
}

/** A look of a board in a mark and its score; opened, it lies on the bench. */
export function VerdictCell({ read: { verdict, score, turned }, of, href }: VerdictCellProps) {
  const shown = markOf({ verdict, score });
  return (
    <Link
      href={href}
      aria-label={`${of}: ${wordOf(verdict)} ${shown}${turned ? boardsWords.turnedUp : ""}`}
      className="tabular flex h-16 flex-col items-center justify-center gap-0.5 hover:bg-well"
    >
      <VerdictMark of={verdict} className="size-4.5" />
      <span className="text-tiny">{shown}</span>
    </Link>
  );
}
