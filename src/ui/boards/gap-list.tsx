"use client";

import { useRef, useState } from "react";
import type { Outcome } from "@/core/schema/outcome";
import { listed } from "@/core/words/called";
import { gapSpecOf } from "@/core/search/gap-spec";
import type { GapRecord } from "@/core/studio/gap-record";
import { sayWith } from "@/words/say";
import { boardsWords } from "@/words/boards";
import { Plate } from "../drawing/plate";
import { granted } from "../kit/answer";
import { Button } from "../kit/button";
import { PutAway } from "../kit/form/put-away";

export interface GapListActions {
  readonly note: (input: {
    id: string;
    version: number;
    note: string;
    budget: number | null;
  }) => Promise<Outcome<null>>;
  readonly move: (input: { id: string; away: boolean }) => Promise<Outcome<null>>;
}

interface GapListProps {
  readonly client: { readonly id: string; readonly name: string };
  readonly gaps: readonly GapRecord[];
  readonly actions: GapListActions;
}

/** What is to be looked for, for a client: each with what it opens, a note and a budget; it prints. */
export function GapList({ client, gaps, actions }: GapListProps) {
  const budgets = gaps.flatMap(({ budget }) => budget ?? []);
  return (
    <section aria-labelledby="gap-list" className="border border-rule-strong bg-white print:border-0">
      <header className="flex items-center justify-between gap-4 border-b border-rule px-4 py-2.5">
        <div>
          <h2 id="gap-list" className="text-lead leading-tight">
            {sayWith(boardsWords.gapListOf, { client: client.name })}
          </h2>
          {budgets.length > 0 && (
            <p className="tabular text-ink-soft">
              {sayWith(boardsWords.budgetForOf, {
                sum: budgets.reduce((sum, budget) => sum + budget, 0).toLocaleString("en"),
                budgetsCount: budgets.length,
                gapsCount: gaps.length,
              })}
            </p>
          )}
        </div>
        {gaps.length > 0 && (
          <Button size="small" className="print:hidden" onClick={() => window.print()}>
            {boardsWords.printTheList}
          </Button>
        )}
      </header>
      {gaps.length === 0 ? (
        <p className="px-4 py-4 text-ink-soft">{boardsWords.nothingIsOnItYet}</p>
      ) : (
        <ul>
          {gaps.map((gap) => (
            <GapRow key={gap.id} gap={gap} client={client} actions={actions} />
          ))}
        </ul>
      )}
    </section>
  );
}

/** A pause in typing after which a note is kept, ms. */
const pause = 700;

interface GapRowProps extends Pick<GapListProps, "client" | "actions"> {
  readonly gap: GapRecord;
}

function GapRow({ gap, client, actions }: GapRowProps) {
  const { id, opens } = gap;
  const { piece, say } = gapSpecOf(gap.facts);
  const [note, setNote] = useState(gap.note);
  const [budget, setBudget] = useState(gap.budget === null ? "" : String(gap.budget));
  // What is on record, and the save under way: one waits for the other, so that neither is stale.
  const kept = useRef({ note: gap.note, budget: gap.budget, version: gap.version });
  const saving = useRef<Promise<void>>(Promise.resolve());
  const timer = useRef<number>(undefined);
  const [state, setState] = useState<"" | "keeping ..." | "kept">("");
  const save = async (words: string, money: string) => {
    const amount = money.trim() === "" ? null : Number(money.replace(",", "."));
    const { version } = kept.current;
    if (words.trim() === kept.current.note && amount === kept.current.budget) return;
    setState("keeping ...");
    const answer = await granted(() => actions.note({ id, version, note: words, budget: amount }));
    if (answer) kept.current = { note: words.trim(), budget: amount, version: version + 1 };
    setState(answer ? "kept" : "");
  };
  const keep = (words: string, money: string) => {
    window.clearTimeout(timer.current);
    saving.current = saving.current.then(() => save(words, money));
  };
  /** Keeps what is typed after a pause in typing, so that a closed tab loses nothing. */
  const keepSoon = (words: string, money: string) => {
    window.clearTimeout(timer.current);
    timer.current = window.setTimeout(() => keep(words, money), pause);
  };
  return (
    <li className="grid grid-cols-[4.5rem_minmax(0,1fr)] gap-3 border-b border-rule px-4 py-2 last:border-b-0 break-inside-avoid">
      <Plate piece={piece} className="h-16 w-full" />
      <div>
        <p className="font-serif text-body">{piece.name}</p>
        <p className="tabular text-tiny text-ink-soft">
          {opens.length === 0
            ? boardsWords.opensNothingByItself
            : sayWith(boardsWords.opens, { opensCount: opens.length, opens: listed(opens) })}
        </p>
        <input
          value={note}
          onChange={(event) => {
            setNote(event.target.value);
            keepSoon(event.target.value, budget);
          }}
          onBlur={() => keep(note, budget)}
          aria-label={sayWith(boardsWords.noteOn, { say })}
          placeholder={boardsWords.note}
          className="mt-1 h-8 w-full border-b border-rule-strong bg-transparent px-1"
        />
        <div className="mt-1 flex items-center justify-between gap-2">
          <label className="flex items-center gap-1.5 text-ink-soft">
            {boardsWords.budget}
            <input
              value={budget}
              onChange={(event) => {
                setBudget(event.target.value);
                keepSoon(note, event.target.value);
              }}
              onBlur={() => keep(note, budget)}
              inputMode="decimal"
              aria-label={sayWith(boardsWords.budgetFor, { say })}
              className="tabular h-8 w-20 border-b border-rule-strong bg-transparent px-1 text-right text-ink"
            />
          </label>
          <span className="flex items-center gap-2 print:hidden">
            <span role="status" className="text-tiny text-ink-soft">
              {state}
            </span>
            <PutAway
              id={id}
              name={piece.name}
              move={actions.move}
              then={`/boards/gaps?client=${client.id}`}
            />
          </span>
        </div>
      </div>
    </li>
  );
}
