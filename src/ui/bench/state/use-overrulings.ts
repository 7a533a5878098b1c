"use client";

import { useCallback, useEffect, useMemo, useState } from "react";
import { v7 as uuid } from "uuid";
import type { Outcome } from "@/core/schema/outcome";
import type { BenchSource } from "@/core/studio/bench-source";
import type { Overruling } from "@/core/studio/overruling";
import { benchWords } from "@/words/bench";
import { answerOf, isOfTheMoment, sayFaults } from "../../kit/answer";
import { useDraftScope } from "../../kit/draft-scope";
import {
  forgetOverruling,
  rememberOverruling,
  waitingOverrulings,
  withOverruling,
  type WaitingOverruling,
} from "./waiting-overrulings";

export type SaveOverruling = (input: Overruling & { readonly clientId: string }) => Promise<Outcome<null>>;
export type WithdrawOverruling = (input: { readonly id: string }) => Promise<Outcome<null>>;

/**
 * What is overruled on this bench. It holds at once and is kept behind; what the studio refuses is taken
 * back, and said. What was on its way when the page was left is sent when the bench is opened again.
 */
export function useOverrulings(source: BenchSource, save: SaveOverruling, withdraw: WithdrawOverruling) {
  const madeBy = useDraftScope();
  const [all, setAll] = useState(source.overrulings);
  const [refusal, setRefusal] = useState<string | null>(null);
  // A page that was laid out before a withdrawal arrived may still come in: it brings nothing back.
  const [withdrawn, setWithdrawn] = useState<ReadonlySet<string>>(new Set());
  const [laid, setLaid] = useState(source.overrulings);
  if (laid !== source.overrulings) {
    setLaid(source.overrulings);
    setAll(source.overrulings);
  }

  const send = useCallback(
    async (waiting: WaitingOverruling, before: readonly Overruling[]) => {
      const answer = await answerOf(() => sent(waiting, save, withdraw));
      // Where nobody answered, perhaps because the page is being left, it waits for the next time.
      if (!answer.ok && isOfTheMoment(answer)) {
        setRefusal(benchWords.theStudioDoesNotAnswer);
        return;
      }
      forgetOverruling(madeBy, waiting);
      const isDone = answer.ok || isAsGoodAsDone(waiting, answer);
      setRefusal(isDone ? null : sayFaults(answer));
      if (isDone) return;
      setAll(before);
      if (waiting.kind === "withdrawn") setWithdrawn((ids) => without(ids, waiting.id));
    },
    [save, withdraw, madeBy],
  );
  const clientId = source.client.id;
  const { kept, overrulings } = source;
  useEffect(() => {
    if (!kept) return;
    const waiting = waitingOverrulings(madeBy, clientId);
    if (waiting.length === 0) return;
    // The browser alone knows them: the page is laid out by the server without.
    // eslint-disable-next-line react-hooks/set-state-in-effect
    setAll(waiting.reduce(withOverruling, [...overrulings]));
    setWithdrawn((ids) => new Set([...ids, ...waiting.flatMap(idsWithdrawn)]));
    for (const each of waiting) void send(each, overrulings);
  }, [kept, madeBy, clientId, overrulings, send]);

  const judge = (waiting: WaitingOverruling) => {
    setAll(withOverruling(all, waiting));
    setWithdrawn((ids) => new Set([...ids, ...idsWithdrawn(waiting)]));
    if (!kept) return;
    rememberOverruling(madeBy, waiting);
    void send(waiting, all);
  };
  return {
    all: useMemo(() => all.filter(({ id }) => !withdrawn.has(id)), [all, withdrawn]),
    refusal,
    overrule: (overruling: Omit<Overruling, "id">) =>
      judge({ kind: "made", clientId, overruling: { ...overruling, id: uuid() } }),
    withdraw: (id: string) => judge({ kind: "withdrawn", clientId, id }),
  };
}

const idsWithdrawn = (waiting: WaitingOverruling) => (waiting.kind === "withdrawn" ? [waiting.id] : []);

const without = (ids: ReadonlySet<string>, id: string) => new Set([...ids].filter((each) => each !== id));

function sent(
  waiting: WaitingOverruling,
  save: SaveOverruling,
  withdraw: WithdrawOverruling,
): Promise<Outcome<null>> {
  if (waiting.kind === "withdrawn") return withdraw({ id: waiting.id });
  return save({ ...waiting.overruling, clientId: waiting.clientId });
}

/** Whether a withdrawal was refused because there is no such record any more. */
function isAsGoodAsDone({ kind }: WaitingOverruling, answer: Outcome<unknown>): boolean {
  return kind === "withdrawn" && !answer.ok && answer.faults.some(({ field }) => field === "id");
}
