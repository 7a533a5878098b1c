"use client";

import { useQueryStates } from "nuqs";
import { useMemo } from "react";
import type { Outcome } from "@/core/schema/outcome";
import { studioKit, type RailView, type RailWindow, type RailWish } from "@/core/studio/rail";
import { sayWith } from "@/words/say";
import { railWords } from "@/words/rail";
import { saveFile } from "../kit/save-file";
import { granted } from "../kit/answer";
import { Button, ButtonLink } from "../kit/button";
import { Empty, Page } from "../kit/page";
import { unpacking } from "../kit/packed";
import { Segments } from "../kit/segments";
import { ownerNamer } from "../kit/owner-name";
import { PickedProvider } from "./parts/pick-box";
import { PickedBar, type ManyActions } from "./parts/picked-bar";
import { RailFilters } from "./parts/rail-filters";
import { RailPlates } from "./parts/rail-plates";
import { hangings, railQuery, railWishOf, type RailQuery } from "./state/rail-query";
import { RailTable } from "./parts/rail-table";
import { RailViews } from "./parts/rail-views";
import { useRail, type LookAlongRail } from "./state/use-rail";
import { usePicked } from "./state/use-picked";

interface RailProps {
  readonly clients: readonly { readonly id: string; readonly name: string }[];
  /** Whether the studio has no piece at all. */
  readonly isEmpty: boolean;
  /** The window that the address asks for. */
  readonly first: RailWindow;
  readonly views: readonly RailView[];
  readonly look: LookAlongRail;
  readonly actions: ManyActions & {
    readonly file: (wish: RailWish) => Promise<Outcome<string>>;
    readonly saveViews: (input: { readonly views: readonly RailView[] }) => Promise<Outcome<null>>;
  };
}

const hangingNames = { table: railWords.asTable, plates: railWords.asPlates } as const;

function Pieces({ clients, isEmpty, first, views, look, actions }: RailProps) {
  const [query, setQuery] = useQueryStates(railQuery, { history: "replace" });
  const picked = usePicked();
  const wish = railWishOf(query);
  const { count, pieces, reach, again } = useRail(look, wish, first);
  const nameOf = useMemo(() => ownerNamer(clients), [clients]);
  if (isEmpty)
    return (
      <Page title={railWords.rail}>
        <Empty say={railWords.theRailIsEmptyRecord}>
          <AddPieces query={query} />
        </Empty>
      </Page>
    );
  return (
    <Page title={railWords.rail} actions={<RailActions query={query} file={actions.file} />}>
      <Narrowed clients={clients} query={query} count={count} onChange={(change) => void setQuery(change)} />
      <RailViews
        views={views}
        now={viewOf(query)}
        save={actions.saveViews}
        onOpen={(view) => void setQuery(queryOfView(view))}
      />
      <PickedProvider value={picked}>
        {query.as === "plates" ? (
          <RailPlates {...{ count, pieces, reach, nameOf }} />
        ) : (
          <div role="region" aria-label={railWords.piecesLabel} tabIndex={0} className="overflow-x-auto">
            <RailTable
              {...{ count, pieces, reach, nameOf }}
              order={query.order}
              falling={query.falling}
              onOrder={(order, falling) => void setQuery({ order, falling })}
            />
          </div>
        )}
      </PickedProvider>
      {count === 0 && (
        <p className="border border-t-0 border-rule-strong bg-paper p-6 text-ink-soft">
          {railWords.nothingOnTheRailMatches}
        </p>
      )}
      <PickedBar picked={picked} clients={clients} actions={actions} onChanged={again} />
    </Page>
  );
}

interface RailActionsProps {
  readonly query: RailQuery;
  readonly file: RailProps["actions"]["file"];
}

/** To the archive and to new pieces; and the table of what is looked at, as a file. */
function RailActions({ query, file }: RailActionsProps) {
  const saveTable = async () => {
    const answer = await granted(() => file(railWishOf(query)));
    if (answer) saveFile(answer.value, "text/csv;charset=utf-8", "rail.csv");
  };
  return (
    <>
      <ButtonLink look="quiet" href="/put-away">
        {railWords.archive}
      </ButtonLink>
      <Button look="quiet" onClick={() => void saveTable()}>
        {railWords.saveAsTable}
      </Button>
      <AddPieces query={query} />
    </>
  );
}

/** To new pieces, of the client whose pieces are looked at where there is one. */
function AddPieces({ query }: { readonly query: RailQuery }) {
  const owner = query.client && query.client !== studioKit ? query.client : null;
  return (
    <>
      <ButtonLink href={owner ? `/rail/many?client=${owner}` : "/rail/many"}>{railWords.addMany}</ButtonLink>
      <ButtonLink look="strong" href={owner ? `/rail/new?client=${owner}` : "/rail/new"}>
        {railWords.addAPiece}
      </ButtonLink>
    </>
  );
}

interface NarrowedProps {
  readonly clients: RailProps["clients"];
  readonly query: RailQuery;
  readonly count: number;
  readonly onChange: (change: { readonly [Name in keyof RailQuery]?: RailQuery[Name] | null }) => void;
}

/** What of the rail is looked at, how many pieces that are, and how they hang. */
function Narrowed({ clients, query, count, onChange }: NarrowedProps) {
  return (
    <div className="mb-3 flex flex-wrap items-end gap-x-4 gap-y-2">
      <RailFilters
        clients={clients}
        query={query}
        onChange={(change) => onChange({ ...change, ...(change.find === "" ? { find: null } : {}) })}
      />
      <div className="ml-auto flex items-center gap-4">
        <p className="tabular text-ink-soft" aria-live="polite">
          {sayWith(railWords.pieces, { count })}
        </p>
        <Segments
          label={railWords.showAs}
          size="normal"
          value={query.as}
          onChange={(as) => onChange({ as })}
          segments={hangings.map((value) => ({ value, shown: hangingNames[value] }))}
        />
      </div>
    </div>
  );
}

/** Every piece of the studio, filtered by what it is, found by words, and changed many at once. */
export const Rail = unpacking<RailProps, "clients" | "isEmpty" | "first" | "views">(Pieces);

/** What of an address a saved filter holds: all but how the rail is hung. */
const ofView = [
  "client",
  "kind",
  "find",
  "family",
  "metal",
  "level",
  "season",
  "state",
  "cloth",
  "unworn",
] as const;

function viewOf(query: RailQuery): string {
  const said = new URLSearchParams();
  for (const name of ofView) {
    const value = query[name];
    const isUsual = value === null || value === "" || (name === "kind" && value === "all");
    if (!isUsual) said.set(name, String(value));
  }
  return said.toString();
}

/** The filter of a saved one; what it says nothing of is shown whole. */
function queryOfView(view: string) {
  const said = new URLSearchParams(view);
  const valueOf = (name: (typeof ofView)[number]) => {
    const text = said.get(name);
    return text === null ? null : railQuery[name].parse(text);
  };
  return Object.fromEntries(ofView.map((name) => [name, valueOf(name)]));
}
