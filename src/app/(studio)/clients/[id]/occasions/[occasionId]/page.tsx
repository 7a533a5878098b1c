import { notFound } from "next/navigation";
import { moveOccasion, saveOccasion } from "@/server/actions/occasions";
import { findClient } from "@/server/records/clients";
import { findOccasion } from "@/server/records/occasions";
import { todayIn } from "@/server/records/studio";
import { inOwnStudio } from "@/server/session/own-studio";
import { newOccasion } from "@/ui/clients/state/new-occasion";
import { OccasionForm } from "@/ui/clients/occasion-form";
import { PutAway } from "@/ui/kit/form/put-away";
import { Page } from "@/ui/kit/page";
import { sayWith } from "@/words/say";
import { clientsWords } from "@/words/clients";

export default async function OccasionPage({
  params,
}: {
  readonly params: Promise<{ id: string; occasionId: string }>;
}) {
  const { id, occasionId } = await params;
  const isNew = occasionId === "new";
  const { client, record, today } = await inOwnStudio(async (tenant) => ({
    client: (await findClient(tenant, id))?.client,
    record: isNew ? null : await findOccasion(tenant, occasionId),
    today: await todayIn(tenant),
  }));
  if (!client || (!isNew && !record)) notFound();
  const { id: _id, ...occasion } = record?.occasion ?? { id: "", ...newOccasion(today) };
  return (
    <Page
      title={record ? occasion.name : clientsWords.aNewOccasion}
      about={sayWith(clientsWords.forWord, { client: client.name })}
    >
      <OccasionForm
        id={record?.occasion.id ?? null}
        version={record?.version ?? null}
        clientId={id}
        initial={occasion}
        save={saveOccasion}
        actions={
          record && (
            <PutAway
              id={record.occasion.id}
              name={occasion.name}
              move={moveOccasion}
              then={`/clients/${id}/occasions`}
            />
          )
        }
      />
    </Page>
  );
}
