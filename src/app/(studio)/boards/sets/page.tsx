import type { Metadata } from "next";
import { boardRoom } from "@/server/records/board-room";
import { inOwnStudio } from "@/server/session/own-studio";
import { BoardNav } from "@/ui/boards/board-nav";
import { SetBoard } from "@/ui/boards/set-board";
import { Empty, Page } from "@/ui/kit/page";

export const metadata: Metadata = { title: "Sets on bases" };

export default async function SetBoardPage({
  searchParams,
}: {
  readonly searchParams: Promise<{ client?: string }>;
}) {
  const { client } = await searchParams;
  const { clients, clientId, wardrobe, sets } = await inOwnStudio((tenant) => boardRoom(tenant, client));
  return (
    <Page
      title="Sets on bases"
      about="Every set on every base, with the turn-up that saves a hem. Open a cell on the bench."
    >
      {clientId !== null && <BoardNav here="/boards/sets" clients={clients} clientId={clientId} />}
      {wardrobe && sets.length > 0 && wardrobe.bases.length > 0 ? (
        <SetBoard key={clientId} wardrobe={wardrobe} sets={sets} />
      ) : (
        <Empty say="This board wants a base and a set: lay clothes out as a base, then keep a set at the bench." />
      )}
    </Page>
  );
}
