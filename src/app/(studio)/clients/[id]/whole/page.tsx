import { notFound } from "next/navigation";
import { bringErasedBack, erase } from "@/server/actions/erasures";
import { clientWholeRoom } from "@/server/records/client-rooms";
import { inOwnStudio } from "@/server/session/own-studio";
import { ClientSheet } from "@/ui/clients/client-sheet";
import { WholeRecord } from "@/ui/whole/whole-record";

export default async function WholePage({ params }: PageProps<"/clients/[id]/whole">) {
  const { id } = await params;
  const room = await inOwnStudio((tenant) => clientWholeRoom(tenant, id));
  if (!room) notFound();
  return (
    <ClientSheet here="whole" {...room.head}>
      <WholeRecord
        clientId={id}
        clientName={room.head.record.client.name}
        counts={room.counts}
        actions={{ erase, bringBack: bringErasedBack }}
      />
    </ClientSheet>
  );
}
