"use client";

import { format, parseISO } from "date-fns";
import type { ReactNode } from "react";
import { measurements } from "@/core/body/measurements";
import { sayLength, type LengthUnit } from "@/core/length/length";
import { ruleOf } from "@/core/rules/registry";
import { sumOf, type JournalDay, type JournalEntry } from "@/core/studio/journal";
import type { LookRecord } from "@/core/studio/look-record";
import { dayLayer, type DayRecords } from "@/core/studio/shown-look";
import { clientsWords } from "@/words/clients";
import { called } from "@/core/words/called";
import { useLengthUnit } from "../kit/length-unit";
import { Empty } from "../kit/page";
import { sayReply } from "../papers/words/say-reply";
import { JournalLook } from "./parts/journal-look";
import { JournalSummary } from "./parts/journal-summary";

interface ClientJournalProps extends DayRecords {
  readonly clientId: string;
  readonly days: readonly JournalDay[];
  /** The looks the days tell of. */
  readonly looks: readonly LookRecord[];
}

/** What happened with a client, day by day, the newest first, and what it adds up to. */
export function ClientJournal({ clientId, days, looks, ...made }: ClientJournalProps) {
  const unit = useLengthUnit();
  const layer = dayLayer(made);
  const records = new Map(looks.map((record) => [record.id, record]));
  /** The look as its pieces are today; null when its base is gone. */
  const layOut = (id: string) => {
    const record = records.get(id);
    return record ? (layer(record)?.look ?? null) : null;
  };
  if (days.length === 0) return <Empty say={clientsWords.nothingHasHappenedYetLooks} />;
  return (
    <div className="grid items-start gap-6 lg:grid-cols-[minmax(0,1fr)_18rem]">
      <ol className="border border-rule-strong bg-paper">
        {days.map(({ day, entries }) => (
          <li
            key={day}
            className="grid gap-x-6 gap-y-2 border-b border-rule px-4 py-3.5 last:border-b-0 sm:grid-cols-[7.5rem_minmax(0,1fr)]"
          >
            <h2 className="text-body">
              <time dateTime={day}>{format(parseISO(day), "EEE d MMM yyyy")}</time>
            </h2>
            <div className="grid gap-3">
              <ul className="grid grid-cols-[repeat(auto-fill,minmax(9rem,1fr))] gap-3 empty:hidden">
                {entries.map(
                  (entry) =>
                    entry.what === "look" && (
                      <JournalLook
                        key={entry.id}
                        clientId={clientId}
                        entry={entry}
                        layOut={() => layOut(entry.id)}
                      />
                    ),
                )}
              </ul>
              <ul className="grid gap-1.5 empty:hidden">
                {entries.map(
                  (entry) =>
                    entry.what !== "look" && (
                      <li key={entry.id} className="grid grid-cols-[5.5rem_minmax(0,1fr)] gap-3">
                        <span className="text-ink-soft">{kindWords[entry.what]}</span>
                        <span>{tell(entry, unit)}</span>
                      </li>
                    ),
                )}
              </ul>
            </div>
          </li>
        ))}
      </ol>
      <JournalSummary sum={sumOf(days)} />
    </div>
  );
}

type PlainEntry = Exclude<JournalEntry, { what: "look" }>;

const kindWords: Record<PlainEntry["what"], string> = {
  worn: "worn",
  answered: "answered",
  overruled: "overruled",
  declined: clientsWords.saidNoTo,
  measured: "measured",
};

function tell(entry: PlainEntry, unit: LengthUnit): ReactNode {
  switch (entry.what) {
    case "worn":
      return entry.set;
    case "answered":
      return sayReply(entry, called(entry.look));
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
