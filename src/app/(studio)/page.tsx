import type { Metadata } from "next";
import { bases } from "@/server/records/bases";
import { listClients } from "@/server/records/clients";
import { recentLooks } from "@/server/records/looks";
import { listOccasions } from "@/server/records/occasions";
import { listPieces } from "@/server/records/pieces";
import { todayIn } from "@/server/records/studio";
import { inOwnStudio } from "@/server/session/own-studio";
import { Today } from "@/ui/today/today";

export const metadata: Metadata = { title: "Today" };

export default async function TodayPage() {
  const room = await inOwnStudio(async (tenant) => ({
    day: await todayIn(tenant),
    clients: await listClients(tenant),
    occasions: await listOccasions(tenant, null),
    looks: await recentLooks(tenant, 4),
    bases: await bases.list(tenant, null),
    pieces: await listPieces(tenant, null),
  }));
  return <Today {...room} />;
}
