import { notFound } from "next/navigation";
import { placeOf } from "@/core/piece/piece";
import { moveBase, saveBase } from "@/server/actions/groups";
import { bases } from "@/server/records/bases";
import { findClient } from "@/server/records/clients";
import { listPieces } from "@/server/records/pieces";
import { inOwnStudio } from "@/server/session/own-studio";
import { BaseForm } from "@/ui/clients/base-form";
import { PutAway } from "@/ui/kit/form/put-away";
import { Page } from "@/ui/kit/page";
import { sayWith } from "@/words/say";
import { clientsWords } from "@/words/clients";

export default async function BasePage({
  params,
}: {
  readonly params: Promise<{ id: string; baseId: string }>;
}) {
  const { id, baseId } = await params;
  const isNew = baseId === "new";
  const room = await inOwnStudio(async (tenant) => {
    const record = await findClient(tenant, id);
    return (
      record && {
        client: record.client,
        base: isNew ? null : await bases.find(tenant, baseId),
        pieces: await listPieces(tenant, id),
      }
    );
  });
  if (!room || (!isNew && !room.base)) notFound();
  const { client, base } = room;
  const garments = room.pieces.map(({ piece }) => piece).filter((piece) => placeOf(piece) !== null);
  return (
    <Page
      title={base ? base.name : clientsWords.aNewBase}
      about={sayWith(clientsWords.forTheGarmentsOfThe, { client: client.name })}
    >
      <BaseForm
        id={base?.id ?? null}
        version={base?.version ?? null}
        initial={{ clientId: id, name: base?.name ?? "", pieceIds: base?.pieceIds ?? [] }}
        client={client}
        garments={garments}
        save={saveBase}
        actions={base && <PutAway id={base.id} name={base.name} move={moveBase} then={`/clients/${id}`} />}
      />
    </Page>
  );
}
