"use client";
// The form library keeps one object and changes it: nothing here may be kept from before.
"use no memo";

import { useEffect, useState } from "react";
import type { FieldValues, UseFormReturn } from "react-hook-form";
import { useDraftKey } from "../draft-scope";
import { forgetDraft, readDraft, writeDraft } from "./draft";
import { useLeaveGuard } from "./use-leave-guard";

/**
 * Keeps what is typed into a form in this browser at every change, and puts it back when the form is opened
 * again. Leaving asks only where the browser cannot keep it.
 * @param name what the form is of; null for one whose values are nobody's to keep, such as a password
 */
export function useFormDraft<T extends FieldValues>(form: UseFormReturn<T>, name: string | null, initial: T) {
  const key = useDraftKey(name ?? "");
  const [first] = useState(initial);
  const [opened, setOpened] = useState(initial);
  const [restored, setRestored] = useState(false);
  const [unkept, setUnkept] = useState(false);
  useLeaveGuard(unkept);

  useEffect(() => {
    if (name === null) return undefined;
    const draft = readDraft<T>(key);
    const from = draft?.opened ?? first;
    if (draft && !same(draft.values, first)) {
      form.reset(draft.values, { keepDefaultValues: true });
      // The browser alone knows the draft: the page is laid out by the server without it.
      // eslint-disable-next-line react-hooks/set-state-in-effect
      setOpened(from);
      setRestored(true);
    }
    const watching = form.watch((values) => {
      if (same(values, first)) {
        forgetDraft(key);
        setUnkept(false);
      } else setUnkept(!writeDraft<unknown>(key, { values, opened: from }));
    });
    return () => watching.unsubscribe();
  }, [form, key, name, first]);

  const forget = () => {
    forgetDraft(key);
    setUnkept(false);
    setRestored(false);
  };
  return {
    /** What stood in the form when it was first opened. */
    opened,
    /** Whether what is in the form was typed at an earlier time. */
    restored,
    forget,
    startOver: () => {
      form.reset(first);
      setOpened(first);
      forget();
    },
  };
}

function same(one: unknown, other: unknown): boolean {
  return JSON.stringify(one) === JSON.stringify(other);
}
