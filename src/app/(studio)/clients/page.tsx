import type { Metadata } from "next";
import { bases } from "@/server/records/bases";
import { listClients } from "@/server/records/clients";
import { listPieces } from "@/server/records/pieces";
import { inOwnStudio } from "@/server/session/own-studio";
import { ClientList } from "@/ui/clients/client-list";

export const metadata: Metadata = { title: "Clients" };

export default async function ClientsPage() {
  const room = await inOwnStudio(async (tenant) => ({
    clients: await listClients(tenant),
    bases: await bases.list(tenant, null),
    pieces: await listPieces(tenant, null),
  }));
  return <ClientList {...room} />;
}
