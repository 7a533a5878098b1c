"use client";

import { useWindowVirtualizer } from "@tanstack/react-virtual";
import { useLayoutEffect, useMemo, useRef, useState } from "react";
import type { ClientRecord } from "@/core/studio/client-record";
import type { GroupRecord } from "@/core/studio/group-record";
import type { PieceRecord } from "@/core/studio/piece-record";
import { ButtonLink } from "../kit/button";
import { Empty, Page } from "../kit/page";
import type { LibraryActions } from "./library-actions";
import { RetiredSets } from "./retired-sets";
import { SetRow } from "./set-row";
import { useReach } from "./use-reach";

interface SetsProps {
  readonly clients: readonly ClientRecord[];
  readonly pieces: readonly PieceRecord[];
  readonly bases: readonly GroupRecord[];
  readonly sets: readonly GroupRecord[];
  readonly retired: readonly GroupRecord[];
  /** The last day each set was worn, by its id. */
  readonly lastWorn: Readonly<Record<string, string>>;
  /** Whose sets to show at first. */
  readonly asked: string | null;
  readonly actions: LibraryActions;
}

/** A client's sets, each a row of plates with what it makes of every base. */
export function Sets({ clients, asked, ...library }: SetsProps) {
  const { sets } = library;
  const withSets = clients.filter(({ client }) => sets.some(({ clientId }) => clientId === client.id));
  const [chosen, setChosen] = useState(asked);
  const record = clients.find(({ client }) => client.id === chosen) ?? withSets[0] ?? clients[0];
  if (!record)
    return (
      <Page title="Sets">
        <Empty say="A set is shoes and at least two more accessories that agree with one another, kept to be worn on many bases. It belongs to a client: write one down first.">
          <ButtonLink look="strong" href="/clients/new">
            Add a client
          </ButtonLink>
        </Empty>
      </Page>
    );
  const { id } = record.client;
  const choose = (clientId: string) => {
    setChosen(clientId);
    window.history.replaceState(null, "", `/sets?client=${clientId}`);
  };
  return (
    <Page
      title="Sets"
      about="Each set with what it makes of every base, with the best turn-up where the hem wants one. Open any of them on the bench."
      actions={
        <>
          <ButtonLink href={`/sets/stock?client=${id}`}>Fill templates</ButtonLink>
          <ButtonLink href={`/bench?client=${id}`}>Build at the bench</ButtonLink>
          <ButtonLink look="strong" href={`/sets/build?client=${id}`}>
            Build by hand
          </ButtonLink>
        </>
      }
    >
      <div role="group" aria-label="Client" className="mb-4 flex flex-wrap gap-1.5">
        {clients.map(({ client }) => (
          <button
            key={client.id}
            type="button"
            aria-pressed={client.id === id}
            onClick={() => choose(client.id)}
            className={`h-9 border px-4 font-serif text-body ${client.id === id ? "border-ink bg-ink text-paper" : "border-rule-strong bg-paper hover:bg-well"}`}
          >
            {`${client.name} (${sets.filter(({ clientId }) => clientId === client.id).length})`}
          </button>
        ))}
      </div>
      <ClientSets key={id} record={record} {...library} />
    </Page>
  );
}

type ClientSetsProps = Omit<SetsProps, "clients" | "asked"> & { readonly record: ClientRecord };

function ClientSets({ record, pieces, bases, sets, retired, lastWorn, actions }: ClientSetsProps) {
  const { client } = record;
  const ownBases = useMemo(() => bases.filter(({ clientId }) => clientId === client.id), [bases, client]);
  const ownSets = useMemo(() => sets.filter(({ clientId }) => clientId === client.id), [sets, client]);
  const wardrobe = useMemo(
    () => ({ client, pieces: pieces.map(({ piece }) => piece), occasions: [], away: [] }),
    [client, pieces],
  );
  const reach = useReach(wardrobe, ownSets, ownBases);
  // Only the rows near the window are laid out: a client may have hundreds.
  const list = useRef<HTMLUListElement>(null);
  const [offset, setOffset] = useState(0);
  useLayoutEffect(() => setOffset(list.current?.offsetTop ?? 0), []);
  const rows = useWindowVirtualizer({
    count: ownSets.length,
    estimateSize: () => 262,
    overscan: 3,
    scrollMargin: offset,
    getItemKey: (index) => ownSets[index]?.id ?? index,
    initialRect: { width: 1280, height: 800 },
  });
  const near = rows.getVirtualItems();
  return (
    <>
      {ownSets.length === 0 && (
        <Empty
          say={`${client.name} has no set yet. Templates fill a first stock from what is on the rail: off duty, work, evening, weather and ceremony.`}
        >
          <ButtonLink look="strong" href={`/sets/stock?client=${client.id}`}>
            Fill a first stock
          </ButtonLink>
        </Empty>
      )}
      <ul ref={list} style={{ paddingTop: (near[0]?.start ?? 0) - offset, height: rows.getTotalSize() }}>
        {near.map(({ index, key }) => {
          const set = ownSets[index];
          return (
            set && (
              <SetRow
                key={key}
                ref={rows.measureElement}
                at={index}
                set={set}
                client={client}
                bases={ownBases}
                pieces={wardrobe.pieces}
                reach={reach.get(set.id)}
                lastWorn={lastWorn[set.id]}
                actions={actions}
              />
            )
          );
        })}
      </ul>
      <RetiredSets
        sets={retired.filter(({ clientId }) => clientId === client.id)}
        pieces={wardrobe.pieces}
        actions={actions}
      />
    </>
  );
}
