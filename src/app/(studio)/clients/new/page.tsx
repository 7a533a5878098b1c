import type { Metadata } from "next";
import { saveClient } from "@/server/actions/clients";
import { studioRuleBook } from "@/server/records/rule-books";
import { inOwnStudio } from "@/server/session/own-studio";
import { ClientForm } from "@/ui/clients/client-form";
import { Page } from "@/ui/kit/page";
import { clientsWords } from "@/words/clients";

export const metadata: Metadata = { title: clientsWords.newClient };

export default async function NewClientPage() {
  const studioBook = await inOwnStudio(studioRuleBook);
  return (
    <Page title={clientsWords.newClient}>
      <ClientForm
        id={null}
        version={null}
        initial={null}
        history={[]}
        studioBook={studioBook}
        save={saveClient}
      />
    </Page>
  );
}
