import type { Metadata } from "next";
import { addressed, type SaidAddress } from "@/core/schema/address";
import { boardRoom } from "@/server/records/board-room";
import { inOwnStudio } from "@/server/session/own-studio";
import { BaseBoard } from "@/ui/boards/base-board";
import { BoardSheet } from "@/ui/boards/board-sheet";
import { packed } from "@/ui/kit/packed";
import { boardsWords } from "@/words/boards";

const title = boardsWords.oneBaseManyLooks;
export const metadata: Metadata = { title };

interface BoardPageProps {
  readonly searchParams: Promise<SaidAddress>;
}

export default async function BaseBoardPage({ searchParams }: BoardPageProps) {
  const { client } = addressed(await searchParams, ["client"]);
  const room = await inOwnStudio((tenant) => boardRoom(tenant, client));
  const served =
    room.wardrobe && room.sets.length > 0 && room.wardrobe.bases.length > 0 ? room.wardrobe : null;
  return (
    <BoardSheet
      here="/boards/base"
      title={title}
      about={boardsWords.theSameClothesUnderEvery}
      clients={room.clients}
      clientId={room.clientId}
    >
      {served && <BaseBoard key={room.clientId} records={packed({ wardrobe: served, sets: room.sets })} />}
    </BoardSheet>
  );
}
