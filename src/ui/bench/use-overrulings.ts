"use client";

import { useState } from "react";
import { v7 as uuid } from "uuid";
import type { Outcome } from "@/core/schema/outcome";
import type { BenchSource } from "@/core/studio/bench-source";
import type { Overruling } from "@/core/studio/overruling";
import { answerOf, sayFaults } from "../kit/answer";

export type SaveOverruling = (input: Overruling & { readonly clientId: string }) => Promise<Outcome<null>>;
export type WithdrawOverruling = (input: { readonly id: string }) => Promise<Outcome<null>>;

/**
 * What is overruled on this bench. It holds at once and is kept behind; what the studio refuses is taken
 * back, and said.
 */
export function useOverrulings(source: BenchSource, save: SaveOverruling, withdraw: WithdrawOverruling) {
  const [all, setAll] = useState(source.overrulings);
  const [refusal, setRefusal] = useState<string | null>(null);
  const [laid, setLaid] = useState(source.overrulings);
  if (laid !== source.overrulings) {
    setLaid(source.overrulings);
    setAll(source.overrulings);
  }

  const settle = (outcome: Promise<Outcome<null>>, before: readonly Overruling[]) => {
    if (!source.kept) return;
    void answerOf(outcome).then((answer) => {
      setRefusal(answer.ok ? null : sayFaults(answer));
      if (!answer.ok) setAll(before);
    });
  };
  return {
    all,
    refusal,
    overrule: (overruling: Omit<Overruling, "id">) => {
      const next: Overruling = { ...overruling, id: uuid() };
      setAll([next, ...all]);
      if (source.kept) settle(save({ ...next, clientId: source.client.id }), all);
    },
    withdraw: (id: string) => {
      setAll(all.filter((overruling) => overruling.id !== id));
      if (source.kept) settle(withdraw({ id }), all);
    },
  };
}
