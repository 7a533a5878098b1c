import type { Metadata } from "next";
import { moveSet } from "@/server/actions/groups";
import { retireSet, saveTemplate, unwearSet, wearSet } from "@/server/actions/library";
import { setsRoom } from "@/server/records/sets-room";
import { inOwnStudio } from "@/server/session/own-studio";
import { Sets } from "@/ui/sets/sets";

export const metadata: Metadata = { title: "Sets" };

interface SetsPageProps {
  readonly searchParams: Promise<{ client?: string }>;
}

export default async function SetsPage({ searchParams }: SetsPageProps) {
  const { client } = await searchParams;
  const room = await inOwnStudio((tenant) => setsRoom(tenant, client));
  return (
    <Sets
      {...room}
      actions={{ retire: retireSet, putAway: moveSet, wear: wearSet, unwear: unwearSet, saveTemplate }}
    />
  );
}
