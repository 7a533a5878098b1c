"use client";

import { useState } from "react";
import { keyOfAction, noShortcuts, withKey } from "@/core/studio/shortcuts";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { Button } from "../../kit/button";
import { Dialog } from "../../kit/dialog";
import { useShortcuts } from "../../kit/shortcuts";
import { Toggle } from "../../kit/toggle";
import { benchActions, type BenchAction } from "../state/desk/actions";

/** How keys of more than a letter are written. */
const signs: Readonly<Record<string, string>> = {
  up: "\u2191",
  down: "\u2193",
  left: "\u2190",
  right: "\u2192",
  enter: "Enter",
  backspace: "Backspace",
};

/** A key as it stands on a button or in a list; a dash where there is none. */
export function sayKey(key: string): string {
  return key === "" ? "\u2013" : (signs[key] ?? key.toUpperCase());
}

interface ShortcutDialogProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}

/** The keys of the bench; single letters can be switched off, and every letter set otherwise. */
export function ShortcutDialog({ open, onOpenChange }: ShortcutDialogProps) {
  const { shortcuts, change } = useShortcuts();
  return (
    <Dialog
      wide
      open={open}
      onOpenChange={onOpenChange}
      title={benchWords.keysOfTheBench}
      about={benchWords.everythingHereCanBeDone}
    >
      <div className="mb-3 flex gap-2">
        <Toggle
          on={shortcuts.single}
          onChange={(single) => change({ ...shortcuts, single })}
          className="h-9 px-3"
        >
          {shortcuts.single ? benchWords.singleLettersWork : benchWords.singleLettersAreOff}
        </Toggle>
        <Button onClick={() => change(noShortcuts)}>{benchWords.setAllKeysBack}</Button>
      </div>
      <dl className="gap-x-8 md:columns-2">
        {benchActions.map((action) => (
          <div
            key={action.id}
            className="mb-1 grid min-h-8 break-inside-avoid grid-cols-[6rem_1fr] items-center"
          >
            <dt>
              <KeyButton action={action} />
            </dt>
            <dd>{action.words}</dd>
          </div>
        ))}
      </dl>
    </Dialog>
  );
}

/** The key of an action; pressed, it takes the next key that is pressed. */
function KeyButton({ action }: { readonly action: BenchAction }) {
  const { shortcuts, change } = useShortcuts();
  const [waiting, setWaiting] = useState(false);
  const key = keyOfAction(action, shortcuts);
  if (action.keys.length > 1) return <span className="px-2 font-semibold">{sayKey(key)}</span>;
  return (
    <button
      type="button"
      aria-label={sayWith(benchWords.keyForNow, { words: action.words, key: sayKey(key) })}
      onClick={() => setWaiting(true)}
      onBlur={() => setWaiting(false)}
      onKeyDown={(event) => {
        if (!waiting || event.key.length !== 1 || event.ctrlKey || event.metaKey) return;
        event.preventDefault();
        setWaiting(false);
        change(withKey(shortcuts, benchActions, action.id, event.key.toLowerCase()));
      }}
      className="h-7 min-w-16 border border-rule px-2 text-left font-semibold hover:bg-well"
    >
      {waiting ? benchWords.pressAKey : sayKey(key)}
    </button>
  );
}
