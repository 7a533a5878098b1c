import type { Overruling } from "@/core/studio/overruling";

/** A judgement that is on its way to the record: made, or withdrawn again. */
export type WaitingOverruling =
  | { readonly kind: "made"; readonly clientId: string; readonly overruling: Overruling }
  | { readonly kind: "withdrawn"; readonly clientId: string; readonly id: string };

const headOf = (madeBy: string) => `juxtane.overruling.${madeBy}.`;
const idOf = (waiting: WaitingOverruling) => (waiting.kind === "made" ? waiting.overruling.id : waiting.id);

/** Remembers a judgement in the browser until the server has answered: a closed tab does not lose it. */
export function rememberOverruling(madeBy: string, waiting: WaitingOverruling): void {
  try {
    localStorage.setItem(headOf(madeBy) + idOf(waiting), JSON.stringify(waiting));
  } catch {
    // A full or forbidden store only costs the second net; the judgement itself is sent.
  }
}

export function forgetOverruling(madeBy: string, waiting: WaitingOverruling): void {
  try {
    // A later judgement on the same may be on its way already.
    if (localStorage.getItem(headOf(madeBy) + idOf(waiting)) === JSON.stringify(waiting))
      localStorage.removeItem(headOf(madeBy) + idOf(waiting));
  } catch {
    // As above.
  }
}

/** The judgements of a person on a client's looks that no server has answered, the oldest first. */
export function waitingOverrulings(madeBy: string, clientId: string): WaitingOverruling[] {
  try {
    return Object.keys(localStorage)
      .filter((key) => key.startsWith(headOf(madeBy)))
      .sort()
      .map((key) => JSON.parse(localStorage.getItem(key) ?? "null") as WaitingOverruling | null)
      .filter((waiting) => waiting !== null)
      .filter((waiting) => waiting.clientId === clientId);
  } catch {
    return [];
  }
}

/** What is overruled once a judgement is counted in. */
export function withOverruling(all: readonly Overruling[], waiting: WaitingOverruling): Overruling[] {
  const others = all.filter(({ id }) => id !== idOf(waiting));
  return waiting.kind === "made" ? [waiting.overruling, ...others] : others;
}
