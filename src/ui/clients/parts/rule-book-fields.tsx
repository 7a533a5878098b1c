"use client";

import { Link } from "../../kit/link";
import { useFormContext, useWatch } from "react-hook-form";
import { readyBooks, type RuleBook } from "@/core/rule-book/rule-book";
import { schoolNames, schoolQuestions } from "@/core/rule-book/schools";
import { sayWith } from "@/words/say";
import { clientsWords } from "@/words/clients";
import { Segments } from "../../kit/segments";

interface RuleBookFieldsProps {
  /** Null for a new client, whose book is chosen here; else the book has a place of its own. */
  readonly clientId: string | null;
}

/** The rule book: for a new client one to begin with, afterwards what it answers and the way to it. */
export function RuleBookFields({ clientId }: RuleBookFieldsProps) {
  const book = useWatch({ name: "ruleBook" }) as RuleBook;
  return (
    <fieldset>
      <legend className="mb-1 font-serif text-lead">{clientsWords.ruleBook}</legend>
      {clientId === null ? <ReadyBooks book={book} /> : <Answers book={book} clientId={clientId} />}
    </fieldset>
  );
}

function ReadyBooks({ book }: { readonly book: RuleBook }) {
  const { setValue } = useFormContext();
  const offered = readyBooks.some(({ name }) => name === book.name) ? readyBooks : [book, ...readyBooks];
  return (
    <Segments
      label={clientsWords.readyRuleBooks}
      size="named"
      apart
      value={book.name}
      onChange={(name) =>
        setValue(
          "ruleBook",
          offered.find((ready) => ready.name === name),
          { shouldDirty: true },
        )
      }
      segments={offered.map(({ name }) => ({ value: name, shown: name }))}
    />
  );
}

function Answers({ book, clientId }: { readonly book: RuleBook; readonly clientId: string }) {
  const figures = Object.values(book.params).reduce((sum, own) => sum + Object.keys(own).length, 0);
  return (
    <div className="grid gap-2">
      <p className="text-ink-soft">
        {sayWith(clientsWords.version, { book: book.name, version: book.version })}
        {figures > 0 && sayWith(clientsWords.figuresSetOtherwise, { figures })}.{" "}
        <Link
          href={`/clients/${clientId}/rules`}
          className="text-ink touch:inline-flex touch:min-h-11 touch:items-center underline decoration-rule-strong underline-offset-4"
        >
          {clientsWords.openTheRuleBook}
        </Link>
      </p>
      <dl className="grid grid-cols-2 gap-x-4 gap-y-0.5 text-tiny xl:grid-cols-3">
        {schoolNames.map((school) => (
          <div key={school}>
            <dt className="inline text-ink-soft">{schoolQuestions[school].question}: </dt>
            <dd className="inline">{book.schools[school]}</dd>
          </div>
        ))}
      </dl>
    </div>
  );
}
