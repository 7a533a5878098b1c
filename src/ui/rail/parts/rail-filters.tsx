"use client";

import { families } from "@/core/colour/family";
import { cloths } from "@/core/finish/cloths";
import { metalNames } from "@/core/finish/metals";
import { slotLabels } from "@/core/piece/slots";
import { ladder } from "@/core/register/ladder";
import { pieceStates } from "@/core/studio/piece-record";
import { notNarrowed, seasons, shelves, studioKit, unwornSpans, type Shelf } from "@/core/studio/rail";
import { railWords } from "@/words/rail";
import { Select } from "../../kit/select";
import { TextButton } from "../../kit/text-button";
import { Unfold } from "../../kit/unfold";
import { narrowedOf, type RailQuery } from "../state/rail-query";

const shelfNames: Record<Shelf, string> = {
  all: railWords.allKinds,
  garments: "garments",
  accessories: "accessories",
  ...slotLabels,
};

interface RailFiltersProps {
  readonly clients: readonly { readonly id: string; readonly name: string }[];
  readonly query: RailQuery;
  readonly onChange: (change: Partial<RailQuery>) => void;
}

/** What of the rail is looked at: whose, which kind, which words, and what narrows it further. */
export function RailFilters({ clients, query, onChange }: RailFiltersProps) {
  const narrowings = Object.values(narrowedOf(query)).filter((value) => value !== null).length;
  return (
    <>
      <div className="w-48">
        <Select
          label={railWords.owner}
          value={query.client ?? ""}
          onChange={(client) => onChange({ client: client || null })}
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
          onChange={(kind) => onChange({ kind: kind as Shelf })}
          options={shelves.map((shelf) => ({ id: shelf, name: shelfNames[shelf].toLowerCase() }))}
        />
      </div>
      <label className="flex h-9 touch:min-h-11 items-center gap-2 border border-rule-strong bg-white px-2.5">
        <span className="text-ink-soft">{railWords.find}</span>
        <input
          type="search"
          value={query.find}
          onChange={(event) => onChange({ find: event.target.value })}
          placeholder={railWords.navySuedeLoafer}
          className="w-52 outline-none"
        />
      </label>
      <Unfold
        open={narrowings > 0}
        className="order-last w-full"
        summaryClass="w-fit cursor-pointer font-medium touch:py-3"
        summary={narrowings > 0 ? `${railWords.narrow} (${narrowings})` : railWords.narrow}
      >
        <div className="mt-2 flex flex-wrap items-end gap-3">
          <Narrowings query={query} onChange={onChange} />
          {narrowings > 0 && (
            <TextButton className="min-h-6 touch:min-h-11" onClick={() => onChange(notNarrowed)}>
              {railWords.widen}
            </TextButton>
          )}
        </div>
      </Unfold>
    </>
  );
}

function Narrowings({ query, onChange }: Pick<RailFiltersProps, "query" | "onChange">) {
  return (
    <>
      <Narrowing name="family" label={railWords.colour} options={families} {...{ query, onChange }} />
      <Narrowing name="metal" label={railWords.metal} options={metalNames} {...{ query, onChange }} />
      <Narrowing name="cloth" label={railWords.cloth} options={cloths} {...{ query, onChange }} />
      <Narrowing name="season" label={railWords.season} options={seasons} {...{ query, onChange }} />
      <Narrowing name="state" label={railWords.state} options={pieceStates} {...{ query, onChange }} />
      <Narrowing name="unworn" label={railWords.notWornFor} options={unwornSpans} {...{ query, onChange }} />
      <div className="w-36">
        <Select
          label={railWords.level}
          value={query.level === null ? "" : String(query.level)}
          onChange={(level) => onChange({ level: level === "" ? null : Number(level) })}
          options={[
            { id: "", name: railWords.anyLevel },
            ...ladder.map((word, i) => ({ id: String(i + 1), name: `${i + 1} ${word}` })),
          ]}
        />
      </div>
    </>
  );
}

type Worded = "family" | "metal" | "cloth" | "season" | "state" | "unworn";

interface NarrowingProps extends Pick<RailFiltersProps, "query" | "onChange"> {
  readonly name: Worded;
  readonly label: string;
  readonly options: readonly string[];
}

function Narrowing({ name, label, options, query, onChange }: NarrowingProps) {
  return (
    <div className="w-36">
      <Select
        label={label}
        value={query[name] ?? ""}
        onChange={(value) => onChange({ [name]: value === "" ? null : value })}
        options={[
          { id: "", name: label.toLowerCase() },
          ...options.map((option) => ({ id: option, name: option })),
        ]}
      />
    </div>
  );
}
