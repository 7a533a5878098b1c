"use client";

import type { BookExample } from "@/core/reading/book-examples";
import type { RuleBook } from "@/core/rule-book/rule-book";
import { schoolNames, schoolQuestions, type SchoolName } from "@/core/rule-book/schools";
import { Mark, wordOf } from "../kit/marks";

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
          <fieldset key={school} className="border-t border-rule pt-2">
            <legend className="float-left mb-1.5 w-full font-serif text-body font-medium">{question}</legend>
            <div className="clear-both grid gap-1.5">
              {Object.entries(choices as Record<string, string>).map(([choice, reason]) => (
                <Answer
                  key={choice}
                  name={school}
                  choice={choice}
                  reason={reason}
                  chosen={book.schools[school] === choice}
                  example={examples.find((each) => each.school === school && each.choice === choice)}
                  lookNames={lookNames}
                  onAnswer={() => onAnswer(school, choice)}
                  onLook={onLook}
                />
              ))}
            </div>
          </fieldset>
        );
      })}
    </div>
  );
}

interface AnswerProps {
  readonly name: string;
  readonly choice: string;
  readonly reason: string;
  readonly chosen: boolean;
  readonly example: BookExample | undefined;
  readonly lookNames: readonly string[];
  readonly onAnswer: () => void;
  readonly onLook: (look: number) => void;
}

function Answer({ name, choice, reason, chosen, example, lookNames, onAnswer, onLook }: AnswerProps) {
  const look = example?.look ?? null;
  return (
    <div className={`grid gap-0.5 border-l-2 pl-2.5 ${chosen ? "border-ink" : "border-transparent"}`}>
      <label className="flex cursor-pointer items-baseline gap-2">
        <input
          type="radio"
          name={name}
          checked={chosen}
          onChange={onAnswer}
          className="translate-y-0.5 accent-ink"
        />
        <span>
          <span className="font-medium">{choice}</span>
          <span className="text-ink-soft">: {reason}</span>
        </span>
      </label>
      {example &&
        (look === null ? (
          <p className="pl-5.5 text-tiny text-ink-soft">changes none of these looks</p>
        ) : (
          <button
            type="button"
            onClick={() => onLook(look)}
            className="tabular flex flex-wrap items-center gap-x-1.5 pl-5.5 text-left text-tiny hover:underline"
          >
            <Mark of={example.before.verdict} className="size-3.5" />
            {wordOf(example.before.verdict)} {Math.round(example.before.score)}
            <span aria-label="becomes">&rarr;</span>
            <Mark of={example.after.verdict} className="size-3.5" />
            {wordOf(example.after.verdict)} {Math.round(example.after.score)}
            <span className="text-ink-soft">{lookNames[look]}</span>
          </button>
        ))}
    </div>
  );
}
