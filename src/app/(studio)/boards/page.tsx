import type { Metadata } from "next";
import { addressed, type SaidAddress } from "@/core/schema/address";
import { boardRoom } from "@/server/records/board-room";
import { inOwnStudio } from "@/server/session/own-studio";
import { HemBoard } from "@/ui/boards/hem-board";
import { packed } from "@/ui/kit/packed";
import { boardsWords } from "@/words/boards";

export const metadata: Metadata = { title: boardsWords.boards };

export default async function BoardsPage({ searchParams }: { readonly searchParams: Promise<SaidAddress> }) {
  const { client } = addressed(await searchParams, ["client"]);
  const { sets: _, ...room } = await inOwnStudio((tenant) => boardRoom(tenant, client));
  return <HemBoard records={packed(room)} />;
}
