import { notFound } from "next/navigation";
import { clientOccasionsRoom } from "@/server/records/client-rooms";
import { inOwnStudio } from "@/server/session/own-studio";
import { ClientOccasions } from "@/ui/clients/client-occasions";
import { ClientSheet } from "@/ui/clients/client-sheet";

export default async function OccasionsPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  const room = await inOwnStudio((tenant) => clientOccasionsRoom(tenant, id));
  if (!room) notFound();
  const { head, ...rest } = room;
  return (
    <ClientSheet here="occasions" {...head}>
      <ClientOccasions clientId={id} {...rest} />
    </ClientSheet>
  );
}
