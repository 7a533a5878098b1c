import type { Metadata } from "next";
import { addressed, type SaidAddress } from "@/core/schema/address";
import { boardRoom } from "@/server/records/board-room";
import { inOwnStudio } from "@/server/session/own-studio";
import { SetBoard } from "@/ui/boards/set-board";
import { BoardSheet } from "@/ui/boards/board-sheet";
import { packed } from "@/ui/kit/packed";

const title = "Sets on bases";
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
      about="Every set on every base, with the turn-up that saves a hem. Open a cell on the bench."
      clients={room.clients}
      clientId={room.clientId}
    >
      {served && <SetBoard key={room.clientId} records={packed({ wardrobe: served, sets: room.sets })} />}
    </BoardSheet>
  );
}
