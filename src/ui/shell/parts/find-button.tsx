"use client";

import dynamic from "next/dynamic";
import { useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { shellWords } from "@/words/shell";
import type { Find } from "../state/use-found";

/** Fetched when it is first asked for: no place's first load carries it. */
const Finder = dynamic(() => import("./finder").then((module) => module.Finder), { ssr: false });

/** Opens the finder, from the tape or by Ctrl-K anywhere. */
export function FindButton({ find }: { readonly find: Find }) {
  const [open, setOpen] = useState(false);
  const [wasOpen, setWasOpen] = useState(false);
  const set = (next: boolean) => {
    setOpen(next);
    if (next) setWasOpen(true);
  };
  useHotkeys("mod+k", () => set(!open), { preventDefault: true, enableOnFormTags: true }, [open]);
  return (
    <>
      <button
        type="button"
        onClick={() => set(true)}
        aria-keyshortcuts="Control+K Meta+K"
        className="flex h-7 items-center gap-3 border border-rule-strong bg-white px-2.5 text-ink-soft hover:text-ink"
      >
        {shellWords.find}
        <span aria-hidden="true" className="hidden text-tiny sm:inline">
          {shellWords.ctrlK}
        </span>
      </button>
      {wasOpen && <Finder open={open} onOpenChange={set} find={find} />}
    </>
  );
}
