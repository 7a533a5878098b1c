import type { Metadata } from "next";
import { bringErasedBack } from "@/server/actions/erasures";
import { bringRecordBack } from "@/server/actions/put-away";
import { savePurgeTime } from "@/server/actions/studio";
import { listErasures } from "@/server/records/erasures";
import { listPutAway } from "@/server/records/put-away";
import { purgeTime, thisStudio } from "@/server/records/studio";
import { inOwnStudio } from "@/server/session/own-studio";
import { PutAwayList } from "@/ui/put-away/put-away-list";
import { putAwayWords } from "@/words/put-away";

export const metadata: Metadata = { title: putAwayWords.archive };

export default async function PutAwayPage() {
  const { erasures, studio, ...room } = await inOwnStudio(async (tenant) => ({
    records: await listPutAway(tenant),
    purgeAfter: await purgeTime(tenant),
    erasures: await listErasures(tenant),
    studio: await thisStudio(tenant),
  }));
  return (
    <PutAwayList
      {...room}
      bringBack={bringRecordBack}
      savePurgeTime={savePurgeTime}
      erased={{ erasures, studio, bringBack: bringErasedBack }}
    />
  );
}
