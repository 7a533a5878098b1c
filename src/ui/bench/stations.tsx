"use client";

import { useRef } from "react";
import type { Look } from "@/core/piece/look";
import { slotOf, type Piece } from "@/core/piece/piece";
import { slotLabels, slots, type Slot } from "@/core/piece/slots";
import { Plate } from "../drawing/plate";
import { useLengthUnit } from "../kit/length-unit";
import { captionOf } from "../pieces/caption";

interface StationsProps {
  readonly look: Look;
  readonly active: Slot;
  readonly onActive: (slot: Slot) => void;
  readonly onTakeOff: (piece: Piece) => void;
}

/** The slots from head to floor, one row each: what is on, and the figures of it that matter. */
export function Stations({ look, active, onActive, onTakeOff }: StationsProps) {
  const list = useRef<HTMLDivElement>(null);
  return (
    <section aria-label="Stations" className="flex min-h-0 flex-col border-r border-rule-strong bg-paper">
      <div
        ref={list}
        role="listbox"
        aria-label="Stations, head to floor"
        tabIndex={0}
        aria-activedescendant={`station-${active}`}
        className="grid min-h-0 flex-1 -outline-offset-2 grid-rows-[repeat(15,minmax(0,1fr))]"
      >
        {slots.map((slot) => (
          <Station
            key={slot}
            slot={slot}
            pieces={look.accessories.filter((piece) => slotOf(piece) === slot)}
            active={slot === active}
            onActive={() => {
              onActive(slot);
              list.current?.focus({ preventScroll: true });
            }}
            onTakeOff={onTakeOff}
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
  readonly onTakeOff: (piece: Piece) => void;
}

function Station({ slot, pieces, active, onActive, onTakeOff }: StationProps) {
  const unit = useLengthUnit();
  const [first] = pieces;
  return (
    <div
      id={`station-${slot}`}
      role="option"
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
      {first ? (
        <span className="min-w-0 leading-tight">
          <span className="block truncate font-medium">{pieces.map((piece) => piece.name).join(" + ")}</span>
          <span className="tabular block truncate text-tiny text-ink-soft">{captionOf(first, unit)}</span>
        </span>
      ) : (
        <span className="border-b border-dotted border-rule-strong" />
      )}
      {first && (
        // An option holds no control of its own: for hands this cross, for keys Backspace.
        <span
          aria-hidden="true"
          title={`Take off ${first.name} (Backspace)`}
          onClick={(event) => {
            event.stopPropagation();
            onTakeOff(pieces[pieces.length - 1] ?? first);
          }}
          className="flex size-7 items-center justify-center text-ink-soft hover:text-ink"
        >
          &times;
        </span>
      )}
    </div>
  );
}
