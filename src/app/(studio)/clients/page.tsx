import type { Metadata } from "next";
import { createLoader, parseAsInteger } from "nuqs/server";
import { clientsRoom } from "@/server/records/clients-room";
import { inOwnStudio } from "@/server/session/own-studio";
import { ClientList } from "@/ui/clients/client-list";
import { clientsWords } from "@/words/clients";

export const metadata: Metadata = { title: clientsWords.clients };

/** More pages than any studio has clients for. */
const mostPages = 100_000;

const wishOf = createLoader({ page: parseAsInteger.withDefault(1) });

export default async function ClientsPage({ searchParams }: PageProps<"/clients">) {
  const { page } = await wishOf(searchParams);
  return (
    <ClientList
      {...await inOwnStudio((tenant) => clientsRoom(tenant, Math.min(mostPages, Math.max(0, page - 1))))}
    />
  );
}
