import type { Metadata } from "next";
import { wardrobeFor } from "@/server/records/bench";
import { listClients } from "@/server/records/clients";
import { inOwnStudio } from "@/server/session/own-studio";
import { HemBoard } from "@/ui/boards/hem-board";

export const metadata: Metadata = { title: "Boards" };

export default async function BoardsPage({
  searchParams,
}: {
  readonly searchParams: Promise<{ client?: string }>;
}) {
  const { client } = await searchParams;
  const room = await inOwnStudio(async (tenant) => {
    const clients = (await listClients(tenant)).map((record) => ({
      id: record.client.id,
      name: record.client.name,
    }));
    const clientId = clients.find(({ id }) => id === client)?.id ?? clients[0]?.id ?? null;
    return { clients, clientId, wardrobe: clientId === null ? null : await wardrobeFor(tenant, clientId) };
  });
  return <HemBoard {...room} />;
}
