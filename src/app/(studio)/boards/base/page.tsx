import type { Metadata } from "next";
import { boardRoom } from "@/server/records/board-room";
import { inOwnStudio } from "@/server/session/own-studio";
import { BaseBoard } from "@/ui/boards/base-board";
import { BoardNav } from "@/ui/boards/board-nav";
import { Empty, Page } from "@/ui/kit/page";

export const metadata: Metadata = { title: "One base, many looks" };

export default async function BaseBoardPage({
  searchParams,
}: {
  readonly searchParams: Promise<{ client?: string }>;
}) {
  const { client } = await searchParams;
  const { clients, clientId, wardrobe, sets } = await inOwnStudio((tenant) => boardRoom(tenant, client));
  return (
    <Page
      title="One base, many looks"
      about="The same clothes under every set, from off duty to evening, and the least that changes from one to the next."
    >
      {clientId !== null && <BoardNav here="/boards/base" clients={clients} clientId={clientId} />}
      {wardrobe && sets.length > 0 && wardrobe.bases.length > 0 ? (
        <BaseBoard key={clientId} wardrobe={wardrobe} sets={sets} />
      ) : (
        <Empty say="This board wants a base and a set: lay clothes out as a base, then keep a set at the bench." />
      )}
    </Page>
  );
}
