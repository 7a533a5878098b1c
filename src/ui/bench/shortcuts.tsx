"use client";

import { Dialog } from "../kit/dialog";

const keys = [
  ["\u2191 \u2193", "Station above, station below"],
  ["\u2190 \u2192", "Candidate before, candidate after: seen on the figure at once"],
  ["Enter", "Put the candidate on"],
  ["Backspace", "Take off what the station holds"],
  ["T", "Turn the hem once, twice, let it down"],
  ["H", "Go to hosiery"],
  ["E", "Edit pass: what could come off, what could speak up"],
  ["W", "Whole sets: the best ones for this base, proved"],
  ["L", "Levers: one swap dressier, one swap quieter"],
  ["S", "Keep as a set"],
  ["1 2 3", "Your own verdict: sings, sits, jars"],
  ["Z", "Undo"],
  ["?", "These keys"],
] as const;

/** The keys of the bench. */
export function Shortcuts({
  open,
  onOpenChange,
}: {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}) {
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title="Keys of the bench"
      about="Everything here can be done without a mouse."
    >
      <dl className="grid grid-cols-[7rem_1fr] gap-y-2">
        {keys.map(([key, does]) => (
          <div key={key} className="contents">
            <dt className="font-semibold">{key}</dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
    </Dialog>
  );
}
