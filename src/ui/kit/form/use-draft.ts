import { useEffect, useState } from "react";
import { useDraftKey } from "../draft-scope";
import { forgetDraft, readDraft, writeDraft } from "./draft";
import { useLeaveGuard } from "./use-leave-guard";

/**
 * Something typed outside a record's form, kept in this browser at each change until it is kept on record or
 * left: a closed tab loses nothing. Leaving asks only where the browser cannot keep it.
 * @param name what it is of; a draft of something else is never taken up
 * @param begun what to start from when there is no draft
 */
export function useDraft<T>(name: string, begun: T) {
  const key = useDraftKey(name);
  const [first, setFirst] = useState(begun);
  const [value, setValue] = useState(begun);
  const [restored, setRestored] = useState(false);
  const [unkept, setUnkept] = useState(false);
  useLeaveGuard(unkept);
  useEffect(() => {
    const draft = readDraft<T>(key);
    if (!draft || same(draft.values, first)) return;
    // The browser alone knows the draft: the page is laid out by the server without it.
    // eslint-disable-next-line react-hooks/set-state-in-effect
    setValue(draft.values);
    setRestored(true);
  }, [key, first]);

  /** Puts a value in the place of what was typed, as something that needs no draft. */
  const settle = (next: T) => {
    forgetDraft(key);
    setFirst(next);
    setValue(next);
    setUnkept(false);
    setRestored(false);
  };
  return {
    value,
    /** Whether the value was typed at an earlier time. */
    restored,
    change: (next: T) => {
      setValue(next);
      setRestored(false);
      if (same(next, first)) {
        forgetDraft(key);
        setUnkept(false);
      } else setUnkept(!writeDraft(key, { values: next, opened: first }));
    },
    settle,
    startOver: () => settle(first),
  };
}

function same(one: unknown, other: unknown): boolean {
  return JSON.stringify(one) === JSON.stringify(other);
}
