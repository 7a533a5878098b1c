import { ButtonLink } from "../kit/button";
import { Empty, Page } from "../kit/page";

interface EmptyBenchProps {
  readonly clientId: string | null;
  readonly clients: readonly { readonly id: string; readonly name: string }[];
}

/** The bench before there is anything to lay on it. */
export function EmptyBench({ clientId, clients }: EmptyBenchProps) {
  const client = clients.find(({ id }) => id === clientId);
  return (
    <Page title="Bench">
      {client ? (
        <Empty
          say={`${client.name} has no base yet. A base is the plain outfit: lay out the garments, and the bench reads what they lack.`}
        >
          <ButtonLink look="strong" href={`/clients/${client.id}/bases/new`}>
            Lay out a base
          </ButtonLink>
        </Empty>
      ) : (
        <Empty say="The bench is where a look is put together on a client's own measurements. Start with a client.">
          <ButtonLink look="strong" href="/clients/new">
            Add a client
          </ButtonLink>
        </Empty>
      )}
    </Page>
  );
}
