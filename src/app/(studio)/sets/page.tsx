import type { Metadata } from "next";
import { addressed, type SaidAddress } from "@/core/schema/address";
import { moveSet } from "@/server/actions/groups";
import { retireSet, saveTemplate, unwearSet, wearSet } from "@/server/actions/library";
import { setsRoom } from "@/server/records/sets-room";
import { inOwnStudio } from "@/server/session/own-studio";
import { Sets } from "@/ui/sets/sets";
import { packed } from "@/ui/kit/packed";
import { setsWords } from "@/words/sets";

export const metadata: Metadata = { title: setsWords.sets };

interface SetsPageProps {
  readonly searchParams: Promise<SaidAddress>;
}

export default async function SetsPage({ searchParams }: SetsPageProps) {
  const { client } = addressed(await searchParams, ["client"]);
  const room = await inOwnStudio((tenant) => setsRoom(tenant, client));
  return (
    <Sets
      records={packed(room)}
      actions={{ retire: retireSet, putAway: moveSet, wear: wearSet, unwear: unwearSet, saveTemplate }}
    />
  );
}
