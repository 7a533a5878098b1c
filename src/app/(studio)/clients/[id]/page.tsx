import { notFound } from "next/navigation";
import { moveClient, saveClient } from "@/server/actions/clients";
import { bases } from "@/server/records/bases";
import { findClient, measurementHistory } from "@/server/records/clients";
import { listOccasions } from "@/server/records/occasions";
import { piecesById } from "@/server/records/pieces";
import { inOwnStudio } from "@/server/session/own-studio";
import { ClientForm } from "@/ui/clients/client-form";
import { ClientShelves } from "@/ui/clients/client-shelves";
import { ButtonLink } from "@/ui/kit/button";
import { PutAway } from "@/ui/kit/form/put-away";
import { Page } from "@/ui/kit/page";

export default async function ClientPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  const room = await inOwnStudio(async (tenant) => {
    const record = await findClient(tenant, id);
    if (!record) return null;
    const own = await bases.list(tenant, id);
    return {
      record,
      history: await measurementHistory(tenant, id),
      bases: own,
      occasions: await listOccasions(tenant, id),
      pieces: await piecesById(tenant, [...new Set(own.flatMap(({ pieceIds }) => pieceIds))]),
    };
  });
  if (!room) notFound();
  const { client, notes, version } = room.record;
  const { id: _id, ...rest } = client;
  return (
    <Page
      title={client.name}
      about={notes}
      actions={
        <>
          <ButtonLink href={`/rail?client=${id}`}>See the rail</ButtonLink>
          <ButtonLink look="strong" href={`/bench?client=${id}`}>
            Go to the bench
          </ButtonLink>
        </>
      }
    >
      <ClientShelves client={client} bases={room.bases} occasions={room.occasions} pieces={room.pieces} />
      <ClientForm
        key={version}
        id={id}
        version={version}
        initial={{ ...rest, notes }}
        history={room.history}
        save={saveClient}
        actions={<PutAway id={id} name={client.name} move={moveClient} then="/clients" deed="measure" />}
      />
    </Page>
  );
}
