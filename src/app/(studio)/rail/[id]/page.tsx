import { notFound } from "next/navigation";
import { movePiece, savePiece } from "@/server/actions/pieces";
import { nameClients } from "@/server/records/clients";
import { findPiece } from "@/server/records/pieces";
import { isPieceAway } from "@/server/records/put-away";
import { inOwnStudio } from "@/server/session/own-studio";
import { ButtonLink } from "@/ui/kit/button";
import { PutAway } from "@/ui/kit/form/put-away";
import { Page } from "@/ui/kit/page";
import { SavePieces } from "@/ui/papers/save-pieces";
import { PieceAway } from "@/ui/pieces/piece-away";
import { PieceForm } from "@/ui/pieces/piece-form";
import { railWords } from "@/words/rail";
import { scarvesWords } from "@/words/scarves";

export default async function PiecePage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  const { record, isAway, owners } = await inOwnStudio(async (tenant) => ({
    record: await findPiece(tenant, id),
    isAway: await isPieceAway(tenant, id),
    owners: await nameClients(tenant),
  }));
  if (!record) notFound();
  return (
    <Page
      title={record.piece.name}
      actions={
        <>
          {record.piece.kind === "scarf" && (
            <ButtonLink href={`/rail/${id}/scarf`}>{scarvesWords.openScarf}</ButtonLink>
          )}
          <SavePieces pieces={[record.piece]} name={record.piece.name} />
          <ButtonLink href={`/rail/new?like=${id}`}>{railWords.duplicate}</ButtonLink>
        </>
      }
    >
      {isAway && <PieceAway id={id} name={record.piece.name} move={movePiece} />}
      <PieceForm
        record={record}
        owners={owners}
        owner={record.clientId}
        save={savePiece}
        actions={isAway ? null : <PutAway id={id} name={record.piece.name} move={movePiece} then="/rail" />}
      />
    </Page>
  );
}
