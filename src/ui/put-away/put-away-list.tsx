"use client";

import { format, parseISO } from "date-fns";
import type { Outcome } from "@/core/schema/outcome";
import type { PutAwayRecord } from "@/core/studio/put-away";
import { sayWith } from "@/words/say";
import { putAwayWords } from "@/words/put-away";
import { Button } from "../kit/button";
import { Empty, Page } from "../kit/page";
import { PurgeTime, type PurgeTimeProps } from "./parts/purge-time";
import { Receipts, type ReceiptsProps } from "../whole/parts/receipts";
import { useBringBack } from "../kit/use-bring-back";

interface PutAwayListProps {
  readonly records: readonly PutAwayRecord[];
  /** After how many days it is purged; null for never. */
  readonly purgeAfter: number | null;
  readonly savePurgeTime: PurgeTimeProps["save"];
  readonly bringBack: (input: Pick<PutAwayRecord, "kind" | "id">) => Promise<Outcome<null>>;
  /** Who was erased, and the way back from there. */
  readonly erased: ReceiptsProps;
}

/** Everything that was put away, each with a way back. */
export function PutAwayList({ records, purgeAfter, savePurgeTime, bringBack, erased }: PutAwayListProps) {
  const takeBack = useBringBack();
  const receipts = erased.erasures.length > 0 && <Receipts {...erased} />;
  if (records.length === 0)
    return (
      <Page title={putAwayWords.archive}>
        {receipts}
        <Empty say={putAwayWords.theArchiveIsEmptyWhat} />
      </Page>
    );
  return (
    <Page
      title={putAwayWords.archive}
      about={
        purgeAfter === null
          ? putAwayWords.nothingHereIsLostEach
          : sayWith(putAwayWords.eachComesBackAsIt, { purgeAfter })
      }
      actions={<PurgeTime days={purgeAfter} save={savePurgeTime} />}
    >
      {receipts}
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
              aria-label={sayWith(putAwayWords.bringBack, { record: record.name })}
              onClick={() =>
                void takeBack(record.name, () => bringBack({ kind: record.kind, id: record.id }))
              }
            >
              {putAwayWords.bringBackLabel}
            </Button>
          </li>
        ))}
      </ul>
    </Page>
  );
}
