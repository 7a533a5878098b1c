import { useEffect, useState } from "react";

/** A set as it stands in the builder. */
export interface SetDraft {
  readonly name: string;
  readonly pieceIds: readonly string[];
}

/**
 * What is being built, kept in this browser at each change, so that a closed tab loses nothing.
 * @param key what the draft is of; a draft of something else is never taken up
 * @param begun what to start from when there is no draft
 */
export function useSetDraft(key: string, begun: SetDraft) {
  const [first] = useState(begun);
  const [draft, setDraft] = useState(first);
  const [restored, setRestored] = useState(false);
  useEffect(() => {
    const kept = read(key);
    if (!kept || same(kept, first)) return;
    // The browser alone knows the draft: the page is laid out by the server without it.
    // eslint-disable-next-line react-hooks/set-state-in-effect
    setDraft(kept);
    setRestored(true);
  }, [key, first]);
  useEffect(() => {
    if (draft === first) return;
    if (same(draft, first)) forget(key);
    else window.localStorage.setItem(key, JSON.stringify(draft));
  }, [key, draft, first]);
  const change = (update: (before: SetDraft) => SetDraft) => {
    setRestored(false);
    setDraft(update);
  };
  return {
    draft,
    restored,
    change,
    forget: () => forget(key),
    startOver: () => change(() => ({ ...first })),
  };
}

function read(key: string): SetDraft | null {
  try {
    const kept = JSON.parse(window.localStorage.getItem(key) ?? "null") as Partial<SetDraft> | null;
    if (typeof kept?.name !== "string" || !Array.isArray(kept.pieceIds)) return null;
    return { name: kept.name, pieceIds: kept.pieceIds.filter((id) => typeof id === "string") };
  } catch {
    return null;
  }
}

function forget(key: string): void {
  window.localStorage.removeItem(key);
}

function same(one: SetDraft, other: SetDraft): boolean {
  return one.name === other.name && one.pieceIds.join() === other.pieceIds.join();
}
