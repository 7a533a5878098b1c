"use client";

import { useEffect, useRef } from "react";
import { isTailoredLayer, slotOf, type Piece } from "@/core/piece/piece";
import { needsTailoring, slotLabels, slots, type Slot } from "@/core/piece/slots";
import { Plate } from "../drawing/plate";
import { useLengthUnit } from "../kit/length-unit";
import { captionOf } from "../pieces/caption";
import { sayWay } from "./change-words";
import { useBenchState, useDesk } from "./desk/use-desk";

/** The list of stations, which has the bench's keys. */
export const stationsId = "stations";

/** The slots from head to floor, one row each: what is on, and the figures of it that matter. */
export function Stations() {
  const list = useRef<HTMLDivElement>(null);
  const { dressed, steps } = useDesk();
  const active = useBenchState((state) => state.active);
  useEffect(() => {
    list.current?.querySelector(`#station-${active}`)?.scrollIntoView({ block: "nearest" });
  }, [active]);
  const { look } = dressed;
  const tailored = [...look.garments, ...look.accessories].some(isTailoredLayer);
  const shown = slots.filter(
    (slot) =>
      !needsTailoring(slot) ||
      tailored ||
      slot === active ||
      look.accessories.some((on) => slotOf(on) === slot),
  );
  return (
    <section aria-label="Stations" className="flex min-h-0 flex-col border-r border-rule-strong bg-paper">
      <div
        ref={list}
        id={stationsId}
        role="listbox"
        aria-label="Stations, head to floor"
        tabIndex={0}
        aria-activedescendant={`station-${active}`}
        className="grid min-h-0 flex-1 auto-rows-[minmax(0,1fr)] -outline-offset-2 touch:auto-rows-[minmax(2.75rem,1fr)] touch:overflow-y-auto"
      >
        {shown.map((slot) => (
          <Station
            key={slot}
            slot={slot}
            pieces={look.accessories.filter((piece) => slotOf(piece) === slot)}
            active={slot === active}
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

interface StationProps {
  readonly slot: Slot;
  readonly pieces: readonly Piece[];
  readonly active: boolean;
  readonly onActive: () => void;
}

function Station({ slot, pieces, active, onActive }: StationProps) {
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
      className={`grid min-h-0 cursor-pointer grid-cols-[4.5rem_auto_minmax(0,1fr)_auto] items-center gap-2 border-b border-rule px-3 last:border-b-0 hover:bg-well ${active ? "basted bg-white" : ""}`}
    >
      <span className={`text-tiny ${active ? "font-semibold" : "text-ink-soft"}`}>{slotLabels[slot]}</span>
      <span className="flex h-full items-center">
        {pieces.length > 0 ? (
          pieces.map((piece) => <Plate key={piece.id} piece={piece} className="size-8" />)
        ) : (
          <span className="size-8" />
        )}
      </span>
      {first ? <Named pieces={pieces} /> : <span className="border-b border-dotted border-rule-strong" />}
      {last && (
        // An option holds no control of its own: for hands this cross, for keys Backspace.
        <span
          aria-hidden="true"
          title={`Take off ${last.name} (Backspace)`}
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

/** What a station holds, by name, with the figures of the first and what is done to it. */
function Named({ pieces }: { readonly pieces: readonly Piece[] }) {
  const unit = useLengthUnit();
  const { dressed } = useDesk();
  const [first] = pieces;
  const done = dressed.worn
    .find(({ piece }) => piece.id === first?.id)
    ?.adjustments.map((adjustment) => sayWay(adjustment, "done", unit, ""));
  return (
    <span className="min-w-0 leading-tight">
      <span className="block truncate font-medium">{pieces.map((piece) => piece.name).join(" + ")}</span>
      <span className="tabular block truncate text-tiny text-ink-soft">
        {[...(done ?? []), first ? captionOf(first, unit) : ""].filter(Boolean).join("; ")}
      </span>
    </span>
  );
}
