import type { Metadata } from "next";
import { addressed, type SaidAddress } from "@/core/schema/address";
import { boardRoom } from "@/server/records/board-room";
import { inOwnStudio } from "@/server/session/own-studio";
import { BoardSheet } from "@/ui/boards/board-sheet";
import { MeasureBoard } from "@/ui/boards/measure-board";
import { packed } from "@/ui/kit/packed";
import { boardsWords } from "@/words/boards";

const title = boardsWords.measureTheseFirst;
export const metadata: Metadata = { title };

interface MeasurePageProps {
  readonly searchParams: Promise<SaidAddress>;
}

export default async function MeasurePage({ searchParams }: MeasurePageProps) {
  const { client } = addressed(await searchParams, ["client"]);
  const { wardrobe, clients, clientId } = await inOwnStudio((tenant) => boardRoom(tenant, client));
  return (
    <BoardSheet
      here="/boards/measure"
      title={title}
      about={boardsWords.whatNobodyHasMeasured}
      clients={clients}
      clientId={clientId}
    >
      {wardrobe && wardrobe.bases.length > 0 ? (
        <MeasureBoard key={clientId} records={packed({ wardrobe })} />
      ) : null}
    </BoardSheet>
  );
}
