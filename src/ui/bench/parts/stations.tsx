"use client";

import { useEffect, useRef } from "react";
import type { Worn } from "@/core/dressing/dressed";
import { adjustmentSpec, wornSlot } from "@/core/piece/adjustment";
import { isTailoredLayer, type Piece } from "@/core/piece/piece";
import { slotNeeds, slotLabels, slots, type Slot } from "@/core/piece/slots";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { InSight } from "../../drawing/in-sight";
import { Plate } from "../../drawing/plate";
import { useLengthUnit } from "../../kit/length-unit";
import { captionOf } from "../../pieces/words/caption";
import { sayWay } from "../words/change-words";
import { useBenchState, useDesk } from "../state/desk/use-desk";

/** The list of stations, which has the bench's keys. */
export const stationsId = "stations";

/** The slots from head to floor, one row each: what is on, and the figures of it that matter. */
export function Stations() {
  const list = useRef<HTMLDivElement>(null);
  const { dressed, next, steps } = useDesk();
  const active = useBenchState((state) => state.active);
  useEffect(() => {
    list.current?.querySelector(`#station-${active}`)?.scrollIntoView({ block: "nearest" });
  }, [active]);
  const { look } = dressed;
  const worn = [...look.garments, ...look.accessories];
  const has = {
    "tailored layer": worn.some(isTailoredLayer),
    earrings: worn.some(({ kind }) => kind === "earrings"),
  };
  const isThere = (slot: Slot) => {
    const needs = slotNeeds(slot);
    return needs === null || has[needs];
  };
  const shown = slots.filter(
    (slot) =>
      isThere(slot) ||
      slot === active ||
      look.accessories.some((on) => wornSlot(on, look.adjustments) === slot),
  );
  return (
    <section
      aria-label={benchWords.stations}
      className="flex min-h-0 flex-col border-r border-rule-strong bg-paper"
    >
      <div
        ref={list}
        id={stationsId}
        role="listbox"
        aria-label={benchWords.stationsHeadToFloor}
        tabIndex={0}
        aria-activedescendant={`station-${active}`}
        className="flex min-h-0 flex-1 flex-col overflow-y-auto -outline-offset-2"
      >
        {shown.map((slot) => (
          <Station
            key={slot}
            slot={slot}
            pieces={look.accessories.filter((piece) => wornSlot(piece, look.adjustments) === slot)}
            guests={dressed.worn.filter((worn) => worn.slot !== slot && stationElsewhere(worn) === slot)}
            active={slot === active}
            next={slot === next?.slot}
            onActive={() => {
              steps.go(slot);
              list.current?.focus({ preventScroll: true });
            }}
          />
        ))}
      </div>
    </section>
  );
}

/** The station a piece is worn at that belongs to another. */
function stationElsewhere({ adjustments }: Worn): Slot | null {
  for (const adjustment of adjustments) {
    const station = adjustmentSpec(adjustment.kind).station?.(adjustment);
    if (station) return station;
  }
  return null;
}

interface StationProps {
  readonly slot: Slot;
  readonly pieces: readonly Piece[];
  /** What belongs to another station and is worn at this one: a scarf tied to the bag. */
  readonly guests: readonly Worn[];
  readonly active: boolean;
  /** Best filled next. */
  readonly next: boolean;
  readonly onActive: () => void;
}

function Station({ slot, pieces, guests, active, next, onActive }: StationProps) {
  const unit = useLengthUnit();
  const { steps } = useDesk();
  const [first] = pieces;
  const last = pieces[pieces.length - 1];
  return (
    // Keys go to the list, which has the focus: arrows, Enter and Backspace are the bench's own.
    // eslint-disable-next-line jsx-a11y/click-events-have-key-events
    <div
      id={`station-${slot}`}
      role="option"
      tabIndex={-1}
      aria-selected={active}
      onClick={onActive}
      className={`flex shrink-0 grow cursor-pointer items-center gap-2 border-b border-rule px-3 last:border-b-0 hover:bg-well touch:min-h-11 ${first || guests.length > 0 ? "min-h-10 grow-[2]" : "min-h-5.5"} ${active ? "basted bg-white" : ""}`}
    >
      {first && (
        <span className="flex w-9 shrink-0 flex-wrap items-center justify-center">
          {pieces.map((piece) => (
            <InSight key={piece.id} className={pieces.length === 1 ? "size-9" : "size-4.5"}>
              {() => <Plate piece={piece} className="size-full" />}
            </InSight>
          ))}
        </span>
      )}
      <span className="min-w-0 flex-1 py-0.5 leading-tight">
        <span
          className={`block text-tiny leading-tight ${active && !first ? "font-semibold" : "text-ink-soft"}`}
        >
          {slotLabels[slot]}
          {next && <span className="text-thread"> {benchWords.next}</span>}
        </span>
        {first && <Named pieces={pieces} active={active} />}
        {guests.map(({ piece, adjustments }) => (
          <span key={piece.id} data-guest className="block text-tiny leading-tight">
            {[piece.name, ...adjustments.map((each) => sayWay(each, "done", unit, ""))].join(", ")}
          </span>
        ))}
      </span>
      {last && (
        // An option holds no control of its own: for hands this cross, for keys Backspace.
        <span
          aria-hidden="true"
          title={sayWith(benchWords.takeOffBackspace, { last: last.name })}
          onClick={(event) => {
            event.stopPropagation();
            steps.change({ kind: "take-off", piece: last.id });
          }}
          className="flex size-7 touch:size-11 items-center justify-center text-ink-soft hover:text-ink"
        >
          &times;
        </span>
      )}
    </div>
  );
}

/** What a station holds, by name, and what is done to it; where it is worked on, the figures that matter. */
function Named({ pieces, active }: { readonly pieces: readonly Piece[]; readonly active: boolean }) {
  const unit = useLengthUnit();
  const { dressed } = useDesk();
  const [first] = pieces;
  const done = dressed.worn
    .find(({ piece }) => piece.id === first?.id)
    ?.adjustments.map((adjustment) => sayWay(adjustment, "done", unit, ""));
  const says = [...(done ?? []), ...(active && first ? [captionOf(first, unit)] : [])].filter(Boolean);
  return (
    <>
      <span data-worn className="block text-small leading-tight font-medium">
        {pieces.map((piece) => piece.name).join(" and ")}
      </span>
      {says.length > 0 && (
        <span className="tabular block text-tiny leading-tight text-ink-soft">{says.join("; ")}</span>
      )}
    </>
  );
}
