"use client";

import { useFormContext, useWatch } from "react-hook-form";
import { readyBooks, type RuleBook } from "@/core/rule-book/rule-book";
import { schoolNames, schoolQuestions, type SchoolName } from "@/core/rule-book/schools";
import { ChoiceField, wordsAsOptions } from "../kit/form/fields";

/** The rule book: one of the ready ones, and each question good stylists answer differently. */
export function RuleBookFields() {
  const { setValue } = useFormContext();
  const book = useWatch({ name: "ruleBook" }) as RuleBook;
  return (
    <fieldset>
      <legend className="mb-1 font-serif text-lead">Rule book</legend>
      <div role="group" aria-label="Ready rule books" className="mb-3 flex flex-wrap gap-1.5">
        {readyBooks.map((ready) => (
          <button
            key={ready.name}
            type="button"
            aria-pressed={book.name === ready.name}
            onClick={() => setValue("ruleBook", ready, { shouldDirty: true })}
            className={`h-9 border px-4 font-serif text-body ${book.name === ready.name ? "border-ink bg-ink text-paper" : "border-rule-strong bg-paper hover:bg-well"}`}
          >
            {ready.name}
          </button>
        ))}
      </div>
      <div className="grid grid-cols-2 gap-3 xl:grid-cols-3">
        {schoolNames.map((name) => (
          <ChoiceField
            key={name}
            name={`ruleBook.schools.${name}`}
            label={schoolQuestions[name].question}
            options={wordsAsOptions(Object.keys(schoolQuestions[name].choices))}
            help={reasonOf(name, book.schools[name])}
          />
        ))}
      </div>
    </fieldset>
  );
}

function reasonOf(name: SchoolName, choice: string): string | undefined {
  return (schoolQuestions[name].choices as Record<string, string>)[choice];
}
