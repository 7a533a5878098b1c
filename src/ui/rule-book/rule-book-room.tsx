"use client";

import { useEffect, useMemo, useState } from "react";
import { toast } from "sonner";
import { dress } from "@/core/dressing/dress";
import type { BookExample } from "@/core/reading/book-examples";
import { readDressed } from "@/core/reading/read";
import { readsAlike, readyBooks, type RuleBook } from "@/core/rule-book/rule-book";
import { changeBook } from "@/core/rule-book/book-change";
import type { Outcome } from "@/core/schema/outcome";
import { layOut, type LookKey, type Wardrobe } from "@/core/studio/wardrobe";
import { useCounsel } from "../counsel/use-counsel";
import { describeLook } from "../drawing/describe";
import { Figure } from "../drawing/figure/figure";
import { Button } from "../kit/button";
import { useLengthUnit } from "../kit/length-unit";
import { Mark, wordOf } from "../kit/marks";
import { Questions } from "./questions";
import { RuleFigures } from "./rule-figures";

export interface NamedLook {
  readonly name: string;
  readonly key: LookKey;
}

interface RuleBookRoomProps {
  readonly kept: RuleBook;
  /** Earlier versions, the newest first. */
  readonly versions: readonly { readonly book: RuleBook; readonly madeAt: string }[];
  /** Whose looks show what each answer changes. */
  readonly wardrobe: Wardrobe | null;
  readonly looks: readonly NamedLook[];
  readonly save: (book: RuleBook) => Promise<Outcome<RuleBook>>;
}

/** A rule book: plain answers with what each would change on the client's own looks, and every figure. */
export function RuleBookRoom({ kept, versions, wardrobe, looks, save }: RuleBookRoomProps) {
  const [book, setBook] = useState(kept);
  const [shown, setShown] = useState(0);
  const [fault, setFault] = useState<string | null>(null);
  const [saving, setSaving] = useState(false);
  const changed = !readsAlike(book, kept) || book.name !== kept.name;
  const keep = async () => {
    setSaving(true);
    try {
      const outcome = await save(book);
      if (outcome.ok) {
        setBook(outcome.value);
        toast(`Kept as version ${outcome.value.version}.`);
      }
      setFault(outcome.ok ? null : (outcome.faults[0]?.say ?? "It could not be kept."));
    } catch {
      setFault("The studio cannot be reached. What you set is still here: try again in a moment.");
    }
    setSaving(false);
  };
  return (
    <div className="grid gap-x-8 gap-y-6 lg:grid-cols-[17rem_minmax(0,1fr)]">
      <aside className="grid content-start gap-4 self-start lg:sticky lg:top-4">
        {wardrobe && looks.length > 0 && (
          <Example
            wardrobe={wardrobe}
            looks={looks}
            shown={shown}
            onShow={setShown}
            kept={kept}
            book={book}
          />
        )}
        <div className="grid gap-2 border-t border-rule pt-3">
          <label className="grid gap-0.5">
            <span className="text-tiny text-ink-soft">Name of the book</span>
            <input
              value={book.name}
              maxLength={80}
              onChange={(event) => setBook({ ...book, name: event.target.value })}
              className="h-9 border border-rule-strong bg-paper px-2 font-serif text-body"
            />
          </label>
          <p className="tabular text-tiny text-ink-soft">
            Version {kept.version}
            {changed && " with changes not kept yet"}
          </p>
          <div className="flex gap-2">
            <Button look="strong" disabled={!changed || saving} onClick={() => void keep()}>
              Keep
            </Button>
            <Button disabled={!changed} onClick={() => setBook(kept)}>
              Take back
            </Button>
          </div>
          {fault && (
            <p role="alert" className="border-l-2 border-thread pl-2">
              {fault}
            </p>
          )}
        </div>
        {versions.length > 1 && <Versions versions={versions} kept={kept} onTake={setBook} />}
      </aside>
      <div className="grid gap-8">
        <section aria-labelledby="ready">
          <h2 id="ready" className="mb-2 text-lead">
            Begin with
          </h2>
          <div role="group" aria-label="Ready rule books" className="flex flex-wrap gap-1.5">
            {readyBooks.map((ready) => (
              <button
                key={ready.name}
                type="button"
                aria-pressed={readsAlike(ready, book)}
                onClick={() => setBook({ ...ready, version: kept.version })}
                className={`h-9 border px-4 font-serif text-body ${readsAlike(ready, book) ? "border-ink bg-ink text-paper" : "border-rule-strong bg-paper hover:bg-well"}`}
              >
                {ready.name}
              </button>
            ))}
          </div>
        </section>
        <section aria-labelledby="schools">
          <h2 id="schools" className="mb-2 text-lead">
            Where good stylists differ
          </h2>
          <LiveQuestions wardrobe={wardrobe} looks={looks} book={book} onBook={setBook} onLook={setShown} />
        </section>
        <section aria-labelledby="figures">
          <h2 id="figures" className="mb-2 text-lead">
            Every rule and its figures
          </h2>
          <RuleFigures book={book} onChange={setBook} />
        </section>
      </div>
    </div>
  );
}

interface LiveQuestionsProps {
  readonly wardrobe: Wardrobe | null;
  readonly looks: readonly NamedLook[];
  readonly book: RuleBook;
  readonly onBook: (book: RuleBook) => void;
  readonly onLook: (look: number) => void;
}

function LiveQuestions({ wardrobe, looks, book, onBook, onLook }: LiveQuestionsProps) {
  const questions = {
    book,
    lookNames: looks.map(({ name }) => name),
    onAnswer: (school: Parameters<Parameters<typeof Questions>[0]["onAnswer"]>[0], choice: string) =>
      onBook(changeBook(book, { kind: "school", school, choice })),
    onLook,
  };
  if (!wardrobe) return <Questions {...questions} examples={[]} />;
  return <Exampled wardrobe={wardrobe} looks={looks} book={book} questions={questions} />;
}

interface ExampledProps {
  readonly wardrobe: Wardrobe;
  readonly looks: readonly NamedLook[];
  readonly book: RuleBook;
  readonly questions: Omit<Parameters<typeof Questions>[0], "examples">;
}

/** The questions with examples the worker finds among the client's looks. */
function Exampled({ wardrobe, looks, book, questions }: ExampledProps) {
  const counsel = useCounsel(wardrobe);
  const [examples, setExamples] = useState<readonly BookExample[]>([]);
  useEffect(() => {
    if (!counsel) return;
    let current = true;
    void counsel
      .bookExamples(
        looks.map(({ key }) => key),
        book,
      )
      .then((found) => current && setExamples(found));
    return () => {
      current = false;
    };
  }, [counsel, looks, book]);
  return <Questions {...questions} examples={examples} />;
}

interface ExampleProps {
  readonly wardrobe: Wardrobe;
  readonly looks: readonly NamedLook[];
  readonly shown: number;
  readonly onShow: (look: number) => void;
  readonly kept: RuleBook;
  readonly book: RuleBook;
}

/** One of the client's looks, read by the book as it is kept and as it stands here. */
function Example({ wardrobe, looks, shown, onShow, kept, book }: ExampleProps) {
  const unit = useLengthUnit();
  const key = looks[shown]?.key;
  const readings = useMemo(() => {
    if (!key) return null;
    const look = layOut(wardrobe, key);
    const under = (ruleBook: RuleBook) =>
      readDressed(dress({ ...look, client: { ...look.client, ruleBook } }));
    return { dressed: dress(look), before: under(kept), after: under(book) };
  }, [wardrobe, key, kept, book]);
  if (!readings) return null;
  const { dressed, before, after } = readings;
  return (
    <div className="grid gap-2">
      <div className="surround-light border border-rule">
        <Figure
          dressed={dressed}
          unit={unit}
          label={describeLook(dressed, unit)}
          plain
          className="h-80 w-full"
        />
      </div>
      <select
        aria-label="Look that shows the changes"
        value={shown}
        onChange={(event) => onShow(Number(event.target.value))}
        className="h-8 w-full truncate border-b border-rule-strong bg-transparent"
      >
        {looks.map(({ name }, i) => (
          <option key={`${i} ${name}`} value={i}>
            {name}
          </option>
        ))}
      </select>
      <p className="tabular flex items-center gap-1.5" aria-live="polite">
        <Mark of={before.verdict} /> {wordOf(before.verdict)} {Math.round(before.score)}
        {after.score !== before.score || after.verdict !== before.verdict ? (
          <>
            <span aria-label="becomes">&rarr;</span>
            <Mark of={after.verdict} /> {wordOf(after.verdict)} {Math.round(after.score)}
          </>
        ) : (
          <span className="text-ink-soft">, unchanged here</span>
        )}
      </p>
    </div>
  );
}

interface VersionsProps {
  readonly versions: RuleBookRoomProps["versions"];
  readonly kept: RuleBook;
  readonly onTake: (book: RuleBook) => void;
}

/** Earlier versions; taking one up makes it the next version, once kept. */
function Versions({ versions, kept, onTake }: VersionsProps) {
  return (
    <div className="border-t border-rule pt-3">
      <h2 className="text-body">Versions</h2>
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
                take up again
              </button>
            )}
          </li>
        ))}
      </ul>
    </div>
  );
}
