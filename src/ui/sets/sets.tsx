"use client";

import { useMemo, useState } from "react";
import type { Outcome } from "@/core/schema/outcome";
import type { ClientRecord } from "@/core/studio/client-record";
import type { GroupRecord } from "@/core/studio/group-record";
import type { PieceRecord } from "@/core/studio/piece-record";
import { ButtonLink } from "../kit/button";
import { Empty, Page } from "../kit/page";
import { SetRow } from "./set-row";
import { useReach } from "./use-reach";

interface SetsProps {
  readonly clients: readonly ClientRecord[];
  readonly pieces: readonly PieceRecord[];
  readonly bases: readonly GroupRecord[];
  readonly sets: readonly GroupRecord[];
  readonly move: (input: { id: string; away: boolean }) => Promise<Outcome<null>>;
}

/** A client's sets, each a row of plates with what it makes of every base. */
export function Sets({ clients, pieces, bases, sets, move }: SetsProps) {
  const withSets = clients.filter(({ client }) => sets.some(({ clientId }) => clientId === client.id));
  const [chosen, setChosen] = useState<string | null>(null);
  const record = clients.find(({ client }) => client.id === chosen) ?? withSets[0] ?? clients[0];
  const toBench = (
    <ButtonLink look="strong" href={record ? `/bench?client=${record.client.id}` : "/bench"}>
      Build a set at the bench
    </ButtonLink>
  );
  if (!record || sets.length === 0)
    return (
      <Page title="Sets">
        <Empty say="A set is shoes and at least two more accessories that agree with one another, kept to be worn on many bases. The first one is made at the bench: dress a look, then keep it as a set.">
          {toBench}
        </Empty>
      </Page>
    );
  return (
    <Page
      title="Sets"
      about="Each set with what it makes of every base, with the best turn-up where the hem wants one. Open any of them on the bench."
      actions={toBench}
    >
      <div role="group" aria-label="Client" className="mb-4 flex flex-wrap gap-1.5">
        {clients.map(({ client }) => (
          <button
            key={client.id}
            type="button"
            aria-pressed={client.id === record.client.id}
            onClick={() => setChosen(client.id)}
            className={`h-9 border px-4 font-serif text-body ${client.id === record.client.id ? "border-ink bg-ink text-paper" : "border-rule-strong bg-paper hover:bg-well"}`}
          >
            {`${client.name} (${sets.filter(({ clientId }) => clientId === client.id).length})`}
          </button>
        ))}
      </div>
      <ClientSets
        key={record.client.id}
        record={record}
        pieces={pieces}
        bases={bases}
        sets={sets}
        move={move}
      />
    </Page>
  );
}

type ClientSetsProps = Omit<SetsProps, "clients"> & { readonly record: ClientRecord };

function ClientSets({ record, pieces, bases, sets, move }: ClientSetsProps) {
  const { client } = record;
  const ownBases = useMemo(() => bases.filter(({ clientId }) => clientId === client.id), [bases, client]);
  const ownSets = useMemo(() => sets.filter(({ clientId }) => clientId === client.id), [sets, client]);
  const wardrobe = useMemo(
    () => ({ client, pieces: pieces.map(({ piece }) => piece), occasions: [], away: [] }),
    [client, pieces],
  );
  const reach = useReach(wardrobe, ownSets, ownBases);
  if (ownSets.length === 0)
    return (
      <p className="border border-dashed border-rule-strong bg-paper p-6 text-ink-soft">
        {client.name} has no set yet.
      </p>
    );
  return (
    <ul className="grid gap-3">
      {ownSets.map((set) => (
        <SetRow
          key={set.id}
          set={set}
          client={client}
          bases={ownBases}
          pieces={wardrobe.pieces}
          reach={reach.get(set.id)}
          move={move}
        />
      ))}
    </ul>
  );
}
