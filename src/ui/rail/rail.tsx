"use client";

import { useQueryStates } from "nuqs";
import { useCallback } from "react";
import { slotLabels } from "@/core/piece/slots";
import { shelves, studioKit, type RailWindow, type Shelf } from "@/core/studio/rail";
import { sayWith } from "@/words/say";
import { railWords } from "@/words/rail";
import { ButtonLink } from "../kit/button";
import { Empty, Page } from "../kit/page";
import { Select } from "../kit/select";
import { railQuery, railWishOf } from "./rail-query";
import { RailTable } from "./rail-table";
import { useRail, type LookAlongRail } from "./use-rail";
import { unpacking } from "../kit/packed";

interface RailProps {
  readonly clients: readonly { readonly id: string; readonly name: string }[];
  /** Whether the studio has no piece at all. */
  readonly isEmpty: boolean;
  /** The window that the address asks for. */
  readonly first: RailWindow;
  readonly look: LookAlongRail;
}

const shelfNames: Record<Shelf, string> = {
  all: railWords.allKinds,
  garments: "garments",
  accessories: "accessories",
  ...slotLabels,
};

function Pieces({ clients, isEmpty, first, look }: RailProps) {
  const [query, setQuery] = useQueryStates(railQuery, { history: "replace" });
  const owner = query.client;
  const { count, pieces, reach } = useRail(look, railWishOf(query), first);
  const nameOf = useCallback(
    (id: string | null) => clients.find((client) => client.id === id)?.name ?? railWords.studioKit,
    [clients],
  );
  const away = (
    <ButtonLink look="quiet" href="/put-away">
      {railWords.archive}
    </ButtonLink>
  );
  const add = (
    <ButtonLink look="strong" href={owner && owner !== studioKit ? `/rail/new?client=${owner}` : "/rail/new"}>
      {railWords.addAPiece}
    </ButtonLink>
  );
  if (isEmpty)
    return (
      <Page title={railWords.rail}>
        <Empty say={railWords.theRailIsEmptyRecord}>{add}</Empty>
      </Page>
    );
  return (
    <Page
      title={railWords.rail}
      actions={
        <>
          {away}
          {add}
        </>
      }
    >
      <div className="mb-3 flex flex-wrap items-end gap-4">
        <div className="w-48">
          <Select
            label={railWords.owner}
            value={owner ?? ""}
            onChange={(client) => void setQuery({ client: client || null })}
            options={[
              { id: "", name: "everybody's" },
              ...clients,
              { id: studioKit, name: railWords.theStudiosOwnKit },
            ]}
          />
        </div>
        <div className="w-40">
          <Select
            label={railWords.kind}
            value={query.kind}
            onChange={(kind) => void setQuery({ kind: kind as Shelf })}
            options={shelves.map((shelf) => ({ id: shelf, name: shelfNames[shelf].toLowerCase() }))}
          />
        </div>
        <label className="flex h-9 touch:min-h-11 items-center gap-2 border border-rule-strong bg-white px-2.5">
          <span className="text-ink-soft">{railWords.find}</span>
          <input
            type="search"
            value={query.find}
            onChange={(event) => void setQuery({ find: event.target.value || null })}
            placeholder={railWords.navySuedeLoafer}
            className="w-52 outline-none"
          />
        </label>
        <p className="tabular ml-auto text-ink-soft" aria-live="polite">
          {sayWith(railWords.pieces, { count })}
        </p>
      </div>
      <div role="region" aria-label={railWords.piecesLabel} tabIndex={0} className="overflow-x-auto">
        <RailTable
          count={count}
          pieces={pieces}
          reach={reach}
          nameOf={nameOf}
          order={query.order}
          falling={query.falling}
          onOrder={(order, falling) => void setQuery({ order, falling })}
        />
      </div>
      {count === 0 && (
        <p className="border border-t-0 border-rule-strong bg-paper p-6 text-ink-soft">
          {railWords.nothingOnTheRailMatches}
        </p>
      )}
    </Page>
  );
}

/** Every piece of the studio, filtered by owner, kind and words. */
export const Rail = unpacking<RailProps, "clients" | "isEmpty" | "first">(Pieces);
