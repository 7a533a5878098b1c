import type { Metadata } from "next";
import { listClients } from "@/server/records/clients";
import { listPieces } from "@/server/records/pieces";
import { inOwnStudio } from "@/server/session/own-studio";
import { Rail } from "@/ui/pieces/rail";

export const metadata: Metadata = { title: "Rail" };

export default async function RailPage({
  searchParams,
}: {
  readonly searchParams: Promise<{ client?: string }>;
}) {
  const { client } = await searchParams;
  const room = await inOwnStudio(async (tenant) => ({
    pieces: await listPieces(tenant, null),
    clients: (await listClients(tenant)).map((record) => ({
      id: record.client.id,
      name: record.client.name,
    })),
  }));
  return <Rail {...room} owner={client ?? null} />;
}
