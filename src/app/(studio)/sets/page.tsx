import type { Metadata } from "next";
import { moveSet } from "@/server/actions/groups";
import { retireSet, saveTemplate, unwearSet, wearSet } from "@/server/actions/library";
import { bases } from "@/server/records/bases";
import { listClients } from "@/server/records/clients";
import { listPieces } from "@/server/records/pieces";
import { sets } from "@/server/records/sets";
import { lastWorn } from "@/server/records/wears";
import { inOwnStudio } from "@/server/session/own-studio";
import { Sets } from "@/ui/sets/sets";

export const metadata: Metadata = { title: "Sets" };

interface SetsPageProps {
  readonly searchParams: Promise<{ client?: string }>;
}

export default async function SetsPage({ searchParams }: SetsPageProps) {
  const { client } = await searchParams;
  const room = await inOwnStudio(async (tenant) => ({
    clients: await listClients(tenant),
    pieces: await listPieces(tenant, null),
    bases: await bases.list(tenant, null),
    sets: await sets.list(tenant, null),
    retired: await sets.listRetired(tenant),
    lastWorn: await lastWorn(tenant, null),
  }));
  return (
    <Sets
      {...room}
      asked={client ?? null}
      actions={{ retire: retireSet, putAway: moveSet, wear: wearSet, unwear: unwearSet, saveTemplate }}
    />
  );
}
