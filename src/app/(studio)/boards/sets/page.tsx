import type { Metadata } from "next";
import { addressed, type SaidAddress } from "@/core/schema/address";
import { boardRoom } from "@/server/records/board-room";
import { inOwnStudio } from "@/server/session/own-studio";
import { SetBoard } from "@/ui/boards/set-board";
import { BoardSheet } from "@/ui/boards/board-sheet";
import { packed } from "@/ui/kit/packed";
import { boardsWords } from "@/words/boards";

const title = boardsWords.setsOnBases;
export const metadata: Metadata = { title };

interface BoardPageProps {
  readonly searchParams: Promise<SaidAddress>;
}

export default async function SetBoardPage({ searchParams }: BoardPageProps) {
  const { client } = addressed(await searchParams, ["client"]);
  const room = await inOwnStudio((tenant) => boardRoom(tenant, client));
  const served =
    room.wardrobe && room.sets.length > 0 && room.wardrobe.bases.length > 0 ? room.wardrobe : null;
  return (
    <BoardSheet
      here="/boards/sets"
      title={title}
      about={boardsWords.everySetOnEveryBase}
      clients={room.clients}
      clientId={room.clientId}
    >
      {served && <SetBoard key={room.clientId} records={packed({ wardrobe: served, sets: room.sets })} />}
    </BoardSheet>
  );
}
