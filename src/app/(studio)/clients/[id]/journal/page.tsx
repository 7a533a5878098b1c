import { notFound } from "next/navigation";
import { clientJournalRoom } from "@/server/records/client-rooms";
import { journalRead } from "@/server/records/journal-read";
import { inOwnStudio } from "@/server/session/own-studio";
import { ClientJournal } from "@/ui/clients/client-journal";
import { ClientSheet } from "@/ui/clients/client-sheet";

export default async function JournalPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { id } = await params;
  const room = await inOwnStudio((tenant) => clientJournalRoom(tenant, id));
  if (!room) notFound();
  const { head, ...rest } = await journalRead(room);
  return (
    <ClientSheet here="journal" {...head}>
      <ClientJournal clientId={id} {...rest} />
    </ClientSheet>
  );
}
