import type { Metadata } from "next";
import { addressed, type SaidAddress } from "@/core/schema/address";
import { moveGap, noteGap, saveGap } from "@/server/actions/gaps";
import { boardRoom } from "@/server/records/board-room";
import { listGaps } from "@/server/records/gaps";
import { inOwnStudio } from "@/server/session/own-studio";
import { BoardSheet } from "@/ui/boards/board-sheet";
import { GapBoard } from "@/ui/boards/gap-board";
import { packed } from "@/ui/kit/packed";
import { boardsWords } from "@/words/boards";

const title = boardsWords.whatIsMissing;
export const metadata: Metadata = { title };

interface GapsPageProps {
  readonly searchParams: Promise<SaidAddress>;
}

export default async function GapsPage({ searchParams }: GapsPageProps) {
  const { client } = addressed(await searchParams, ["client"]);
  const { wardrobe, sets, clients, clientId, gaps } = await inOwnStudio(async (tenant) => {
    const room = await boardRoom(tenant, client);
    return { ...room, gaps: room.clientId ? await listGaps(tenant, room.clientId) : [] };
  });
  return (
    <BoardSheet
      here="/boards/gaps"
      title={title}
      about={boardsWords.whatTheSetsServeWhat}
      clients={clients}
      clientId={clientId}
    >
      {wardrobe && sets.length > 0 ? (
        <GapBoard
          key={clientId}
          records={packed({ wardrobe, sets, gaps })}
          actions={{ add: saveGap, note: noteGap, move: moveGap }}
        />
      ) : null}
    </BoardSheet>
  );
}
