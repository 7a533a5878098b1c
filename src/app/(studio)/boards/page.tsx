import type { Metadata } from "next";
import { boardRoom } from "@/server/records/board-room";
import { inOwnStudio } from "@/server/session/own-studio";
import { HemBoard } from "@/ui/boards/hem-board";

export const metadata: Metadata = { title: "Boards" };

export default async function BoardsPage({
  searchParams,
}: {
  readonly searchParams: Promise<{ client?: string }>;
}) {
  const { client } = await searchParams;
  const { clients, clientId, wardrobe } = await inOwnStudio((tenant) => boardRoom(tenant, client));
  return <HemBoard clients={clients} clientId={clientId} wardrobe={wardrobe} />;
}
