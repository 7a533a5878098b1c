"use client";
// The table and its window keep one object and change it: nothing here may be kept from before.
"use no memo";

import { useWindowVirtualizer } from "@tanstack/react-virtual";
import { useLayoutEffect, useRef, useState } from "react";
import type { GroupRecord } from "@/core/studio/group-record";
import type { Wardrobe } from "@/core/studio/wardrobe";
import { sayWith } from "@/words/say";
import { setsWords } from "@/words/sets";
import { ButtonLink } from "../kit/button";
import { ClientChoice } from "../kit/client-choice";
import { Empty, Page } from "../kit/page";
import type { LibraryActions } from "./state/library-actions";
import { RetiredSets } from "./parts/retired-sets";
import { SetRow } from "./parts/set-row";
import { useReach } from "./state/use-reach";
import { unpacking } from "../kit/packed";

/** A client's sets with all that is needed to read them on every base. */
interface Library {
  readonly wardrobe: Wardrobe & { readonly bases: readonly GroupRecord[] };
  readonly sets: readonly GroupRecord[];
  readonly retired: readonly GroupRecord[];
  /** The last day each set was worn, by its id. */
  readonly lastWorn: Readonly<Record<string, string>>;
}

interface SetsProps {
  readonly clients: readonly { readonly id: string; readonly name: string; readonly sets: number }[];
  /** Of whoever is chosen; null when there is no client. */
  readonly library: Library | null;
  readonly actions: LibraryActions;
}

function Room({ clients, library, actions }: SetsProps) {
  if (!library)
    return (
      <Page title={setsWords.sets}>
        <Empty say={setsWords.aSetIsShoesAnd}>
          <ButtonLink look="strong" href="/clients/new">
            {setsWords.addAClient}
          </ButtonLink>
        </Empty>
      </Page>
    );
  const { id } = library.wardrobe.client;
  return (
    <Page
      title={setsWords.sets}
      about={setsWords.whatEachSetMakesOf}
      actions={
        <>
          <ButtonLink href={`/sets/stock?client=${id}`}>{setsWords.fillTemplates}</ButtonLink>
          <ButtonLink href={`/bench?client=${id}`}>{setsWords.buildAtTheBench}</ButtonLink>
          <ButtonLink look="strong" href={`/sets/build?client=${id}`}>
            {setsWords.buildByHand}
          </ButtonLink>
        </>
      }
    >
      <div className="mb-4">
        <ClientChoice
          clients={clients.map(({ id: own, name, sets }) => ({ id: own, name: `${name} (${sets})` }))}
          chosen={id}
          at="/sets"
        />
      </div>
      <ClientSets key={id} {...library} actions={actions} />
    </Page>
  );
}

/** A client's sets, each a row of plates with what it makes of every base. */
export const Sets = unpacking<SetsProps, "clients" | "library">(Room);

type ClientSetsProps = Library & Pick<SetsProps, "actions">;

function ClientSets({ wardrobe, sets: ownSets, retired, lastWorn, actions }: ClientSetsProps) {
  const { client, bases: ownBases } = wardrobe;
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
        <Empty say={sayWith(setsWords.hasNoSetYetTemplates, { client: client.name })}>
          <ButtonLink look="strong" href={`/sets/stock?client=${client.id}`}>
            {setsWords.fillAFirstStock}
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
      <RetiredSets sets={retired} pieces={wardrobe.pieces} actions={actions} />
    </>
  );
}
