"use client";

import { format, parseISO } from "date-fns";
import Link from "next/link";
import type { ReactNode } from "react";
import { measurements } from "@/core/body/measurements";
import { sayLength, type LengthUnit } from "@/core/length/length";
import { ruleOf } from "@/core/rules/registry";
import type { JournalDay, JournalEntry } from "@/core/studio/journal";
import { sayWith } from "@/words/say";
import { clientsWords } from "@/words/clients";
import { useLengthUnit } from "../kit/length-unit";
import { MarkWord } from "../kit/marks";
import { Empty } from "../kit/page";

interface ClientJournalProps {
  readonly clientId: string;
  readonly days: readonly JournalDay[];
}

/** What happened with a client, day by day, the newest first. */
export function ClientJournal({ clientId, days }: ClientJournalProps) {
  const unit = useLengthUnit();
  if (days.length === 0) return <Empty say={clientsWords.nothingHasHappenedYetLooks} />;
  return (
    <ol className="border border-rule-strong bg-paper">
      {days.map(({ day, entries }) => (
        <li
          key={day}
          className="grid gap-x-6 gap-y-1 border-b border-rule px-4 py-3 last:border-b-0 sm:grid-cols-[9rem_minmax(0,1fr)]"
        >
          <h2 className="text-body">
            <time dateTime={day}>{format(parseISO(day), "EEE d MMM yyyy")}</time>
          </h2>
          <ul className="grid gap-1.5">
            {entries.map((entry) => (
              <li key={entry.id} className="grid grid-cols-[6rem_minmax(0,1fr)] gap-3">
                <span className="text-ink-soft">{kindWords[entry.what]}</span>
                <span>{tell(entry, clientId, unit)}</span>
              </li>
            ))}
          </ul>
        </li>
      ))}
    </ol>
  );
}

const kindWords: Record<JournalEntry["what"], string> = {
  look: "look",
  worn: "worn",
  overruled: "overruled",
  declined: clientsWords.saidNoTo,
  measured: "measured",
};

function tell(entry: JournalEntry, clientId: string, unit: LengthUnit): ReactNode {
  switch (entry.what) {
    case "look":
      return (
        <>
          <BenchLink clientId={clientId} lookId={entry.id}>
            {entry.name || entry.base}
          </BenchLink>
          {entry.name && `, ${entry.base}`}
          {entry.occasion && sayWith(clientsWords.forTheOccasion, { occasion: entry.occasion })}
          {entry.verdict && <MarkWord of={entry.verdict} className="ml-3" />}
          {entry.note && <span className="block text-ink-soft">{entry.note}</span>}
        </>
      );
    case "worn":
      return entry.set;
    case "overruled":
      return (
        <>
          {ruleOf(entry.rule)?.title ?? entry.rule}: &ldquo;{entry.reason}&rdquo;
          {entry.lookId === null ? clientsWords.forEveryLook : clientsWords.forOneLook}
          {entry.isWithdrawn && clientsWords.takenBackSince}
        </>
      );
    case "declined":
      return (
        <>
          {entry.piece}: {entry.reason}
          {entry.isWithdrawn && clientsWords.offeredAgainSince}
        </>
      );
    case "measured":
      return entry.figures
        .map(
          ({ name, cm }) =>
            `${measurements[name].label} ${cm === null ? clientsWords.struckOut : sayLength(cm, unit)}`,
        )
        .join(", ");
  }
}

interface BenchLinkProps {
  readonly clientId: string;
  readonly lookId: string;
  readonly children: ReactNode;
}

function BenchLink({ clientId, lookId, children }: BenchLinkProps) {
  return (
    <Link
      href={`/bench?client=${clientId}&look=${lookId}`}
      className="underline decoration-rule-strong underline-offset-2 hover:decoration-ink touch:inline-flex touch:min-h-11 touch:items-center"
    >
      {children}
    </Link>
  );
}
