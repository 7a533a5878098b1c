import type { Metadata } from "next";
import { moveSet } from "@/server/actions/groups";
import { bases } from "@/server/records/bases";
import { listClients } from "@/server/records/clients";
import { listPieces } from "@/server/records/pieces";
import { sets } from "@/server/records/sets";
import { inOwnStudio } from "@/server/session/own-studio";
import { Sets } from "@/ui/sets/sets";

export const metadata: Metadata = { title: "Sets" };

export default async function SetsPage() {
  const room = await inOwnStudio(async (tenant) => ({
    clients: await listClients(tenant),
    pieces: await listPieces(tenant, null),
    bases: await bases.list(tenant, null),
    sets: await sets.list(tenant, null),
  }));
  return <Sets {...room} move={moveSet} />;
}
