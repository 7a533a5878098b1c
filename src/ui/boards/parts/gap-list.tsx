"use client";

import type { Outcome } from "@/core/schema/outcome";
import type { GapRecord } from "@/core/studio/gap-record";
import { sayWith } from "@/words/say";
import { boardsWords } from "@/words/boards";
import { Button } from "../../kit/button";
import { GapRow } from "./gap-row";

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
