import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
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
    <Page title={benchWords.bench}>
      {client ? (
        <Empty say={sayWith(benchWords.hasNoBaseYetA, { client: client.name })}>
          <ButtonLink look="strong" href={`/clients/${client.id}/bases/new`}>
            {benchWords.layOutABase}
          </ButtonLink>
        </Empty>
      ) : (
        <Empty say={benchWords.theBenchIsWhereA}>
          <ButtonLink look="strong" href="/start">
            {benchWords.addAClient}
          </ButtonLink>
        </Empty>
      )}
    </Page>
  );
}
