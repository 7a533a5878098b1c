import type { Metadata } from "next";
import { addressed, type SaidAddress } from "@/core/schema/address";
import { groundRoom } from "@/server/records/ground-room";
import { inOwnStudio } from "@/server/session/own-studio";
import { BoardSheet } from "@/ui/boards/board-sheet";
import { GroundBoard } from "@/ui/boards/ground-board";
import { groundWords } from "@/words/ground";

const title = groundWords.heelAndGround;
export const metadata: Metadata = { title };

interface GroundPageProps {
  readonly searchParams: Promise<SaidAddress>;
}

export default async function GroundPage({ searchParams }: GroundPageProps) {
  const { client } = addressed(await searchParams, ["client"]);
  const { clients, clientId, ...room } = await inOwnStudio((tenant) => groundRoom(tenant, client));
  return (
    <BoardSheet
      here="/boards/ground"
      title={title}
      about={groundWords.about}
      clients={clients}
      clientId={clientId}
    >
      {clientId && <GroundBoard key={clientId} {...room} />}
    </BoardSheet>
  );
}
