"use client";

import { format, parseISO } from "date-fns";
import type { Outcome } from "@/core/schema/outcome";
import type { PutAwayRecord } from "@/core/studio/put-away";
import { Button } from "../kit/button";
import { Empty, Page } from "../kit/page";
import { PurgeTime, type PurgeTimeProps } from "./purge-time";
import { useBringBack } from "../kit/use-bring-back";

interface PutAwayListProps {
  readonly records: readonly PutAwayRecord[];
  /** After how many days it is purged; null for never. */
  readonly purgeAfter: number | null;
  readonly savePurgeTime: PurgeTimeProps["save"];
  readonly bringBack: (input: Pick<PutAwayRecord, "kind" | "id">) => Promise<Outcome<null>>;
}

/** Everything that was put away, each with a way back. */
export function PutAwayList({ records, purgeAfter, savePurgeTime, bringBack }: PutAwayListProps) {
  const takeBack = useBringBack();
  if (records.length === 0)
    return (
      <Page title="Archive">
        <Empty say="The archive is empty. What you archive is listed here, and can be brought back from here." />
      </Page>
    );
  return (
    <Page
      title="Archive"
      about={
        purgeAfter === null
          ? "Nothing here is lost: each comes back as it was, where it was."
          : `Each comes back as it was, where it was, for ${purgeAfter} days. What is still worn in a look or kept in a set stays.`
      }
      actions={<PurgeTime days={purgeAfter} save={savePurgeTime} />}
    >
      <ul className="border-t border-rule-strong">
        {records.map((record) => (
          <li
            key={`${record.kind} ${record.id}`}
            className="flex flex-wrap items-center gap-x-4 border-b border-rule py-1"
          >
            <span className="w-28 text-ink-soft">{record.kind}</span>
            <span className="min-w-40 flex-1 font-medium">{record.name}</span>
            <span className="w-48 text-ink-soft">{record.client ?? ""}</span>
            <time dateTime={record.at} className="tabular w-28 text-ink-soft">
              {format(parseISO(record.at), "d MMM yyyy")}
            </time>
            <Button
              size="touch"
              aria-label={`Bring back ${record.name}`}
              onClick={() =>
                void takeBack(record.name, () => bringBack({ kind: record.kind, id: record.id }))
              }
            >
              Bring back
            </Button>
          </li>
        ))}
      </ul>
    </Page>
  );
}
