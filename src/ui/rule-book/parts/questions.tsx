"use client";

import { markOf } from "@/core/reading/verdict";
import type { BookExample } from "@/core/reading/book-examples";
import type { RuleBook } from "@/core/rule-book/rule-book";
import { schoolNames, schoolQuestions, type SchoolName } from "@/core/rule-book/schools";
import { ruleBookWords } from "@/words/rule-book";
import { Mark, wordOf } from "../../kit/marks";
import { RadioChoice } from "../../kit/radio-choice";

interface QuestionsProps {
  readonly book: RuleBook;
  /** What each other answer would change; empty while the worker reads. */
  readonly examples: readonly BookExample[];
  readonly lookNames: readonly string[];
  readonly onAnswer: (school: SchoolName, choice: string) => void;
  /** Shows the look of an example on the figure. */
  readonly onLook: (look: number) => void;
}

/** The questions good stylists answer differently, each answer with its reason and what it would change. */
export function Questions({ book, examples, lookNames, onAnswer, onLook }: QuestionsProps) {
  return (
    <div className="grid gap-x-8 gap-y-5 xl:grid-cols-2">
      {schoolNames.map((school) => {
        const { question, choices } = schoolQuestions[school];
        return (
          <section key={school} className="border-t border-rule pt-2">
            <h3 className="mb-1.5 font-serif text-body font-medium">{question}</h3>
            <RadioChoice
              label={question}
              className="grid gap-1.5"
              value={book.schools[school]}
              onChange={(choice) => onAnswer(school, choice)}
              options={Object.entries(choices as Record<string, string>).map(([choice, reason]) => ({
                value: choice,
                shown: (
                  <>
                    <span className="font-medium">{choice}</span>
                    <span className="text-ink-soft">: {reason}</span>
                  </>
                ),
                after: (
                  <Changes
                    example={examples.find((each) => each.school === school && each.choice === choice)}
                    isAwaited={choice !== book.schools[school] && lookNames.length > 0}
                    lookNames={lookNames}
                    onLook={onLook}
                  />
                ),
              }))}
            />
          </section>
        );
      })}
    </div>
  );
}

interface ChangesProps {
  readonly example: BookExample | undefined;
  /** Whether there will be one. */
  readonly isAwaited: boolean;
  readonly lookNames: readonly string[];
  readonly onLook: (look: number) => void;
}

/**
 * What an answer would change among the looks; nothing for the one that is given. Until it is known its line is kept free, so
 * that nothing below moves away from under a hand.
 */
function Changes({ example, isAwaited, lookNames, onLook }: ChangesProps) {
  if (!example)
    return (
      isAwaited && (
        <p aria-hidden="true" className="text-tiny">
          &nbsp;
        </p>
      )
    );
  const { look, before, after } = example;
  if (look === null)
    return <p className="text-tiny text-ink-soft">{ruleBookWords.changesNoneOfTheseLooks}</p>;
  return (
    <button
      type="button"
      onClick={() => onLook(look)}
      className="tabular flex flex-wrap items-center gap-x-1.5 text-left text-tiny hover:underline"
    >
      <Mark of={before.verdict} className="size-3.5" />
      {wordOf(before.verdict)} {markOf(before)}
      <span aria-label={ruleBookWords.becomes}>&rarr;</span>
      <Mark of={after.verdict} className="size-3.5" />
      {wordOf(after.verdict)} {markOf(after)}
      <span className="text-ink-soft">{lookNames[look]}</span>
    </button>
  );
}
