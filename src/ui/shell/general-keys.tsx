"use client";

import { Link } from "../kit/link";
import { useEffect, useState } from "react";
import { shellWords } from "@/words/shell";
import { Dialog } from "../kit/dialog";
import { MarksLegend } from "../kit/marks-legend";
import { useShortcuts } from "../kit/shortcuts";

const keys = [
  { key: shellWords.ctrlK, says: shellWords.findAClientAPiece },
  { key: "?", says: shellWords.theseKeysOnTheBench },
  { key: "Tab", says: shellWords.onToTheNextControl },
  { key: "Enter", says: shellWords.doesWhatIsMarkedIn },
  { key: "Esc", says: shellWords.closesWhatLiesOverThe },
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
    <Dialog
      open={open}
      onOpenChange={setOpen}
      title={shellWords.keys}
      about={shellWords.everythingCanBeDoneWithout}
    >
      <dl className="grid grid-cols-[6rem_1fr] gap-y-2">
        {keys.map(({ key, says }) => (
          <div key={key} className="contents">
            <dt className="font-semibold">{key}</dt>
            <dd>{says}</dd>
          </div>
        ))}
      </dl>
      <h3 className="mt-4 mb-2 text-body">{shellWords.whatTheMarksMean}</h3>
      <MarksLegend />
      <p className="mt-4">
        <Link href="/bench" onClick={() => setOpen(false)} className="underline underline-offset-4">
          {shellWords.goToTheBench}
        </Link>
        {shellWords.whereEveryStepHasA}
      </p>
    </Dialog>
  );
}
