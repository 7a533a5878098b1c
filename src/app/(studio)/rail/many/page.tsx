import type { Metadata } from "next";
import { addressed, type SaidAddress } from "@/core/schema/address";
import { keepPieces, piecesCalled } from "@/server/actions/many-pieces";
import { nameClients } from "@/server/records/clients";
import { inOwnStudio } from "@/server/session/own-studio";
import { ManyPieces } from "@/ui/intake/many-pieces";
import { Page } from "@/ui/kit/page";
import { intakeWords } from "@/words/intake";

export const metadata: Metadata = { title: intakeWords.addManyPieces };

interface ManyPageProps {
  readonly searchParams: Promise<SaidAddress>;
}

export default async function ManyPage({ searchParams }: ManyPageProps) {
  const { client } = addressed(await searchParams, ["client"]);
  const clients = await inOwnStudio(nameClients);
  const owner = clients.find(({ id }) => id === client)?.id ?? null;
  return (
    <Page title={intakeWords.addManyPieces} about={intakeWords.aLineAPiece}>
      <ManyPieces clients={clients} owner={owner} keep={keepPieces} called={piecesCalled} />
    </Page>
  );
}
