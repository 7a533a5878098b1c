import type { Metadata } from "next";
import { saveClient } from "@/server/actions/clients";
import { requireSession } from "@/server/session/session";
import { ClientForm } from "@/ui/clients/client-form";
import { Page } from "@/ui/kit/page";

export const metadata: Metadata = { title: "New client" };

export default async function NewClientPage() {
  await requireSession();
  return (
    <Page title="New client">
      <ClientForm id={null} version={null} initial={null} history={[]} save={saveClient} />
    </Page>
  );
}
