"use client";

import { useRef, useState } from "react";
import { listed } from "@/core/words/called";
import { gapSpecOf } from "@/core/search/gap-spec";
import type { GapRecord } from "@/core/studio/gap-record";
import { sayWith } from "@/words/say";
import { boardsWords } from "@/words/boards";
import { Plate } from "../../drawing/plate";
import { granted } from "../../kit/answer";
import { PutAway } from "../../kit/form/put-away";
import type { GapListActions } from "./gap-list";

interface GapRowProps {
  readonly gap: GapRecord;
  readonly client: { readonly id: string };
  readonly actions: GapListActions;
}

/** One thing to be looked for: what it opens, a note and a budget, each kept while it is typed. */
export function GapRow({ gap, client, actions }: GapRowProps) {
  const { id, opens } = gap;
  const { piece, say } = gapSpecOf(gap.facts);
  const { note, budget, state, change, keep } = useKeptNote(gap, actions.note);
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
          onChange={(event) => change(event.target.value, budget)}
          onBlur={keep}
          aria-label={sayWith(boardsWords.noteOn, { say })}
          placeholder={boardsWords.note}
          className="mt-1 h-8 w-full border-b border-rule-strong bg-transparent px-1"
        />
        <div className="mt-1 flex items-center justify-between gap-2">
          <label className="flex items-center gap-1.5 text-ink-soft">
            {boardsWords.budget}
            <input
              value={budget}
              onChange={(event) => change(note, event.target.value)}
              onBlur={keep}
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

/** A pause in typing after which a note is kept, ms. */
const pause = 700;

/** The note and the budget as they are typed; kept after a pause, so that a closed tab loses nothing. */
function useKeptNote(gap: GapRecord, send: GapListActions["note"]) {
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
    const answer = await granted(() => send({ id: gap.id, version, note: words, budget: amount }));
    if (answer) kept.current = { note: words.trim(), budget: amount, version: version + 1 };
    setState(answer ? "kept" : "");
  };
  const keep = (words: string, money: string) => {
    window.clearTimeout(timer.current);
    saving.current = saving.current.then(() => save(words, money));
  };
  const change = (words: string, money: string) => {
    setNote(words);
    setBudget(money);
    window.clearTimeout(timer.current);
    timer.current = window.setTimeout(() => keep(words, money), pause);
  };
  return { note, budget, state, change, keep: () => keep(note, budget) };
}
