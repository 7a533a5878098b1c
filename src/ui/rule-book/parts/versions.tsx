import type { RuleBook } from "@/core/rule-book/rule-book";
import { ruleBookWords } from "@/words/rule-book";

/** A version of a rule book, and when it was made. */
export interface BookVersion {
  readonly book: RuleBook;
  readonly madeAt: string;
}

interface VersionsProps {
  readonly versions: readonly BookVersion[];
  readonly kept: RuleBook;
  readonly onTake: (book: RuleBook) => void;
}

/** Earlier versions; taking one up makes it the next version, once kept. */
export function Versions({ versions, kept, onTake }: VersionsProps) {
  return (
    <div className="border-t border-rule pt-3">
      <h2 className="text-body">{ruleBookWords.versions}</h2>
      <ul className="tabular text-tiny">
        {versions.map(({ book, madeAt }) => (
          <li key={book.version} className="flex justify-between gap-2 py-0.5">
            <span>
              {book.version}, {book.name}, {madeAt.slice(0, 10)}
            </span>
            {book.version !== kept.version && (
              <button
                type="button"
                onClick={() => onTake({ ...book, version: kept.version })}
                className="underline decoration-rule-strong underline-offset-2"
              >
                {ruleBookWords.takeUpAgain}
              </button>
            )}
          </li>
        ))}
      </ul>
    </div>
  );
}
