"use client";

import Link from "next/link";
import { useEffect, useState } from "react";
import { Dialog } from "../kit/dialog";
import { MarksLegend } from "../kit/marks-legend";
import { useShortcuts } from "../kit/shortcuts";

const keys = [
  { key: "Ctrl K", says: "Find a client, a piece, a set; go anywhere; do what the open page can do" },
  { key: "?", says: "These keys; on the bench its own" },
  { key: "Tab", says: "On to the next control; at the top of a page, past the tape to its content" },
  { key: "Enter", says: "Does what is marked; in a form, keeps it" },
  { key: "Esc", says: "Closes what lies over the page" },
] as const;

/** Fields have keys of their own: what is typed there is theirs. */
const typing = "input, textarea, select, [contenteditable]";

/** The keys that work everywhere, shown by "?" wherever the page has no list of its own. */
export function GeneralKeys() {
  const { shortcuts } = useShortcuts();
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const hear = (event: KeyboardEvent) => {
      if (event.key !== "?" || event.defaultPrevented || !shortcuts.single) return;
      if (event.target instanceof Element && event.target.closest(typing)) return;
      event.preventDefault();
      setOpen(true);
    };
    // The page's own keys hear first.
    window.addEventListener("keydown", hear);
    return () => window.removeEventListener("keydown", hear);
  }, [shortcuts.single]);
  return (
    <Dialog open={open} onOpenChange={setOpen} title="Keys" about="Everything can be done without a mouse.">
      <dl className="grid grid-cols-[6rem_1fr] gap-y-2">
        {keys.map(({ key, says }) => (
          <div key={key} className="contents">
            <dt className="font-semibold">{key}</dt>
            <dd>{says}</dd>
          </div>
        ))}
      </dl>
      <h3 className="mt-4 mb-2 text-body">What the marks mean</h3>
      <MarksLegend />
      <p className="mt-4">
        <Link href="/bench" onClick={() => setOpen(false)} className="underline underline-offset-4">
          Go to the bench
        </Link>
        , where every step has a key: press ? there.
      </p>
    </Dialog>
  );
}
