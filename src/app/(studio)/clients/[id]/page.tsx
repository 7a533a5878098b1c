import { notFound } from "next/navigation";
import { clientBasesRoom } from "@/server/records/client-rooms";
import { inOwnStudio } from "@/server/session/own-studio";
import { ClientBases } from "@/ui/clients/client-bases";
import { ClientSheet } from "@/ui/clients/client-sheet";

export default async function ClientPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  const room = await inOwnStudio((tenant) => clientBasesRoom(tenant, id));
  if (!room) notFound();
  const { head, bases, pieces } = room;
  return (
    <ClientSheet here="bases" {...head}>
      <ClientBases client={head.record.client} bases={bases} pieces={pieces} />
    </ClientSheet>
  );
}
