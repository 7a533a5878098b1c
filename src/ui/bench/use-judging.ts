"use client";

import type { Remote } from "comlink";
import { useMemo, useState } from "react";
import type { BookChange } from "@/core/rule-book/book-change";
import type { Outcome } from "@/core/schema/outcome";
import type { BenchLook, BenchSource } from "@/core/studio/bench-source";
import type { Overruling } from "@/core/studio/overruling";
import type { LookKey } from "@/core/studio/wardrobe";
import type { Counsel } from "@/workers/counsel";
import type { Judging } from "./finding-row";
import { useOverrulings, type SaveOverruling, type WithdrawOverruling } from "./use-overrulings";

/** How overrulings and the rule book are kept. */
export interface JudgementActions {
  readonly overrule: SaveOverruling;
  readonly withdraw: WithdrawOverruling;
  readonly changeBook: (input: {
    readonly clientId: string;
    readonly change: BookChange;
  }) => Promise<Outcome<unknown>>;
}

interface Judged {
  readonly source: BenchSource;
  readonly judgement: JudgementActions;
  readonly look: BenchLook;
  readonly key: LookKey;
  readonly counsel: Remote<Counsel> | null;
}

/** What the stylist overruled that holds for this look, what may be done with a finding, and what was refused. */
export function useJudging({ source, judgement, look, key, counsel }: Judged): {
  readonly holding: readonly Overruling[];
  readonly judging: Judging;
  readonly refusal: string | null;
} {
  const overrulings = useOverrulings(source, judgement.overrule, judgement.withdraw);
  const [bookRefusal, setBookRefusal] = useState<string | null>(null);
  const holding = useMemo(
    () => overrulings.all.filter(({ lookId }) => lookId === null || lookId === look.id),
    [overrulings.all, look.id],
  );
  const { client } = source;
  const judging: Judging = {
    client: client.name.split(" ")[0] ?? client.name,
    book: client.ruleBook,
    kept: source.kept,
    hrefOf: (rule) => (source.kept ? `/clients/${client.id}/rules#${rule}` : null),
    askBook: (finding) => (counsel ? counsel.bookRemedies(key, finding) : Promise.resolve([])),
    onOverrule: (finding, reason, scope) =>
      overrulings.overrule({
        rule: finding.rule,
        effect: finding.effect,
        pieceIds: finding.pieces,
        reason,
        lookId: scope === "look" ? look.id : null,
      }),
    onWithdraw: overrulings.withdraw,
    onChangeBook: (change) =>
      void judgement
        .changeBook({ clientId: client.id, change })
        .then((outcome) => setBookRefusal(outcome.ok ? null : (outcome.faults[0]?.say ?? "")))
        .catch(() => setBookRefusal("The studio cannot be reached, so the rule book is as it was.")),
  };
  return { holding, judging, refusal: overrulings.refusal ?? bookRefusal };
}
