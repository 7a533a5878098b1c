import type { Metadata } from "next";
import { bases } from "@/server/records/bases";
import { listClients } from "@/server/records/clients";
import { recentLooks } from "@/server/records/looks";
import { listOccasions } from "@/server/records/occasions";
import { listPieces } from "@/server/records/pieces";
import { inOwnStudio } from "@/server/session/own-studio";
import { Today } from "@/ui/today/today";

export const metadata: Metadata = { title: "Today" };

export default async function TodayPage() {
  const day = new Date().toISOString().slice(0, 10);
  const room = await inOwnStudio(async (tenant) => ({
    clients: await listClients(tenant),
    occasions: await listOccasions(tenant, null),
    looks: await recentLooks(tenant, 4),
    bases: await bases.list(tenant, null),
    pieces: await listPieces(tenant, null),
  }));
  return <Today day={day} {...room} />;
}
