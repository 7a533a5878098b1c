import { changeBook } from "../rule-book/book-change";
import type { RuleBook } from "../rule-book/rule-book";
import { schoolNames, schoolQuestions, type SchoolName } from "../rule-book/schools";
import type { Look } from "../piece/look";
import { read } from "./read";
import type { Verdict } from "./verdict";

/** What another answer to a school's question would make of one of the client's looks. */
export interface BookExample {
  readonly school: SchoolName;
  readonly choice: string;
  /** Position of the look among those given; null when no look of theirs is read otherwise. */
  readonly look: number | null;
  readonly before: { readonly verdict: Verdict; readonly score: number };
  readonly after: { readonly verdict: Verdict; readonly score: number };
}

const nothing = { verdict: "sits", score: 70 } as const;

/** For every answer a book does not give: the look that it would change most, a verdict before a score. */
export function bookExamplesOf(looks: readonly Look[], book: RuleBook): BookExample[] {
  const under = (look: Look, other: RuleBook) => {
    const { verdict, score } = read({ ...look, client: { ...look.client, ruleBook: other } });
    return { verdict, score };
  };
  const now = looks.map((look) => under(look, book));
  return schoolNames.flatMap((school) =>
    Object.keys(schoolQuestions[school].choices)
      .filter((choice) => choice !== book.schools[school])
      .map((choice): BookExample => {
        const other = changeBook(book, { kind: "school", school, choice });
        let best: BookExample = { school, choice, look: null, before: nothing, after: nothing };
        let most = 0;
        looks.forEach((look, i) => {
          const before = now[i] ?? nothing;
          const after = under(look, other);
          const change = Math.abs(after.score - before.score) + (after.verdict === before.verdict ? 0 : 100);
          if (change <= most) return;
          most = change;
          best = { school, choice, look: i, before, after };
        });
        return best;
      }),
  );
}
