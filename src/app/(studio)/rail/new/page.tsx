import type { Metadata } from "next";
import { addressed, type SaidAddress } from "@/core/schema/address";
import { savePiece } from "@/server/actions/pieces";
import { draftOf } from "@/core/studio/piece-record";
import { piecesCalled } from "@/server/actions/many-pieces";
import { nameClients } from "@/server/records/clients";
import { findPiece } from "@/server/records/pieces";
import { inOwnStudio } from "@/server/session/own-studio";
import { Page } from "@/ui/kit/page";
import { PieceForm } from "@/ui/pieces/piece-form";
import { railWords } from "@/words/rail";

export const metadata: Metadata = { title: railWords.newPiece };

export default async function NewPiecePage({
  searchParams,
}: {
  readonly searchParams: Promise<SaidAddress>;
}) {
  const { client, like, line = "" } = addressed(await searchParams, ["client", "like", "line"]);
  const { owners, source } = await inOwnStudio(async (tenant) => ({
    owners: await nameClients(tenant),
    source: like === undefined ? null : await findPiece(tenant, like),
  }));
  const owner = owners.find(({ id }) => id === client)?.id ?? source?.clientId ?? null;
  return (
    <Page title={railWords.aNewPiece} about={railWords.theFiguresAreWhatThe}>
      <PieceForm
        record={null}
        like={source && draftOf(source.piece)}
        line={line}
        called={piecesCalled}
        owners={owners}
        owner={owner}
        save={savePiece}
      />
    </Page>
  );
}
