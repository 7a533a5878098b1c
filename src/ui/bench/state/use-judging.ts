"use client";

import { useMemo, useState } from "react";
import type { BookChange } from "@/core/rule-book/book-change";
import type { Outcome } from "@/core/schema/outcome";
import type { BenchLook, BenchSource } from "@/core/studio/bench-source";
import type { Overruling } from "@/core/studio/overruling";
import type { LookKey } from "@/core/studio/wardrobe";
import { identityOf } from "@/core/reading/same-finding";
import { pieceIdsOf } from "@/core/rules/spoken";
import type { Workers } from "../../workers/use-workers";
import { answerOf, sayFaults } from "../../kit/answer";
import type { Judging } from "../parts/finding-row";
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
  readonly workers: Workers | null;
}

/** What the stylist overruled that holds for this look, what may be done with a finding, and what was refused. */
export function useJudging({ source, judgement, look, key, workers }: Judged): {
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
    lookId: look.id,
    kept: source.kept,
    hrefOf: (rule) => (source.kept ? `/clients/${client.id}/rules#${rule}` : null),
    workers,
    bookQuestion: (finding) => (worker) => worker.bookRemedies(key, identityOf(finding)),
    onOverrule: (finding, reason, scope) =>
      overrulings.overrule({
        rule: finding.rule,
        effect: finding.effect,
        pieceIds: pieceIdsOf(finding),
        reason,
        lookId: scope === "look" ? look.id : null,
      }),
    onWithdraw: overrulings.withdraw,
    onChangeBook: (change) =>
      void answerOf(() => judgement.changeBook({ clientId: client.id, change })).then((outcome) =>
        setBookRefusal(outcome.ok ? null : sayFaults(outcome)),
      ),
  };
  return { holding, judging, refusal: overrulings.refusal ?? bookRefusal };
}
