import { notFound } from "next/navigation";
import { moveClient, saveClient } from "@/server/actions/clients";
import { clientFiguresRoom } from "@/server/records/client-rooms";
import { inOwnStudio } from "@/server/session/own-studio";
import { ClientForm } from "@/ui/clients/client-form";
import { ClientSheet } from "@/ui/clients/client-sheet";
import { PutAway } from "@/ui/kit/form/put-away";

export default async function FiguresPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  const room = await inOwnStudio((tenant) => clientFiguresRoom(tenant, id));
  if (!room) notFound();
  const { client, notes, version } = room.head.record;
  const { id: _id, ...rest } = client;
  return (
    <ClientSheet here="figures" {...room.head}>
      <ClientForm
        key={version}
        id={id}
        version={version}
        initial={{ ...rest, notes }}
        history={room.history}
        save={saveClient}
        actions={<PutAway id={id} name={client.name} move={moveClient} then="/clients" deed="measure" />}
      />
    </ClientSheet>
  );
}
