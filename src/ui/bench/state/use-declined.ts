"use client";

import { useMemo, useState } from "react";
import { v7 as uuid } from "uuid";
import type { Outcome } from "@/core/schema/outcome";
import type { BenchSource } from "@/core/studio/bench-source";
import type { Declined } from "@/core/studio/declined";
import type { Wardrobe } from "@/core/studio/wardrobe";
import { granted } from "../../kit/answer";

/** How a no is kept, and taken back. */
export interface DecliningActions {
  readonly decline: (input: Declined & { readonly clientId: string }) => Promise<Outcome<null>>;
  readonly offerAgain: (input: { readonly id: string }) => Promise<Outcome<null>>;
}

/** What is not offered to the client of this bench. */
export interface Declining {
  readonly declined: readonly Declined[];
  readonly decline: (pieceId: string, reason: string) => void;
  readonly offerAgain: (id: string) => void;
}

/**
 * What is not to be offered, and the wardrobe without it for whoever is asked what could be. A no holds at once and
 * is kept behind; one that the studio refuses is taken back, and said.
 */
export function useDeclined(
  source: BenchSource,
  actions: DecliningActions,
): Declining & { readonly wardrobe: Wardrobe } {
  const [declined, setDeclined] = useState(source.declined);
  const wardrobe = useMemo(
    () => ({ ...source, away: [...source.away, ...declined.map(({ pieceId }) => pieceId)] }),
    [source, declined],
  );
  const change = (next: readonly Declined[], keep: () => Promise<Outcome<null>>) => {
    const before = declined;
    setDeclined(next);
    if (source.kept) void granted(keep).then((kept) => kept ?? setDeclined(before));
  };
  return {
    wardrobe,
    declined,
    decline: (pieceId, reason) => {
      const one = { id: uuid(), pieceId, reason };
      change([one, ...declined], () => actions.decline({ ...one, clientId: source.client.id }));
    },
    offerAgain: (id) =>
      change(
        declined.filter((each) => each.id !== id),
        () => actions.offerAgain({ id }),
      ),
  };
}
