import type { Metadata } from "next";
import { addressed, type SaidAddress } from "@/core/schema/address";
import { boardRoom } from "@/server/records/board-room";
import { inOwnStudio } from "@/server/session/own-studio";
import { HemBoard } from "@/ui/boards/hem-board";

export const metadata: Metadata = { title: "Boards" };

export default async function BoardsPage({ searchParams }: { readonly searchParams: Promise<SaidAddress> }) {
  const { client } = addressed(await searchParams, ["client"]);
  const { clients, clientId, wardrobe } = await inOwnStudio((tenant) => boardRoom(tenant, client));
  return <HemBoard clients={clients} clientId={clientId} wardrobe={wardrobe} />;
}
