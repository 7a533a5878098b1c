import type { Metadata } from "next";
import { addressed, type SaidAddress } from "@/core/schema/address";
import { savePiece } from "@/server/actions/pieces";
import { nameClients } from "@/server/records/clients";
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
  const { client } = addressed(await searchParams, ["client"]);
  const owners = await inOwnStudio(nameClients);
  const owner = owners.find(({ id }) => id === client)?.id ?? null;
  return (
    <Page title={railWords.aNewPiece} about={railWords.theFiguresAreWhatThe}>
      <PieceForm record={null} owners={owners} owner={owner} save={savePiece} />
    </Page>
  );
}
