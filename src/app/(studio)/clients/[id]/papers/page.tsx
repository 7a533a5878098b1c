import { notFound } from "next/navigation";
import { createLink, stopLink } from "@/server/actions/links";
import { clientHandOverRoom } from "@/server/records/client-rooms";
import { inOwnStudio } from "@/server/session/own-studio";
import { ClientSheet } from "@/ui/clients/client-sheet";
import { HandOver } from "@/ui/papers/hand-over";

export default async function HandOverPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  const room = await inOwnStudio((tenant) => clientHandOverRoom(tenant, id));
  if (!room) notFound();
  const { head, ...rest } = room;
  return (
    <ClientSheet here="papers" {...head}>
      <HandOver
        clientId={id}
        clientName={head.record.client.name}
        now={new Date().toISOString()}
        actions={{ create: createLink, stop: stopLink }}
        {...rest}
      />
    </ClientSheet>
  );
}
