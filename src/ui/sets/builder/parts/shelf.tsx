"use client";

import { useDraggable } from "@dnd-kit/core";
import { useMemo, useState } from "react";
import { slotOf, type Piece } from "@/core/piece/piece";
import { slotLabels, slots, type Slot } from "@/core/piece/slots";
import { sayWith } from "@/words/say";
import { setsWords } from "@/words/sets";
import { InSight } from "../../../drawing/in-sight";
import { Plate } from "../../../drawing/plate";
import { Segments } from "../../../kit/segments";

const all = "all";

interface ShelfProps {
  readonly pieces: readonly Piece[];
  /** Ids of the pieces that are in the set. */
  readonly taken: ReadonlySet<string>;
  readonly onAdd: (piece: Piece) => void;
}

/** What can be put into a set, slot by slot from the head down: drag a piece to the line, or press it. */
export function Shelf({ pieces, taken, onAdd }: ShelfProps) {
  const [shown, setShown] = useState<Slot | typeof all>(all);
  const shelves = useMemo(
    () =>
      slots
        .map((slot) => ({ slot, pieces: pieces.filter((piece) => slotOf(piece) === slot) }))
        .filter((shelf) => shelf.pieces.length > 0),
    [pieces],
  );
  return (
    <section
      aria-label={setsWords.shelf}
      className="flex min-h-0 flex-col border border-rule-strong bg-paper"
    >
      <div className="border-b border-rule p-2">
        <Segments
          label={setsWords.slots}
          size="tiny"
          apart
          value={shown}
          onChange={setShown}
          segments={[
            { value: all, shown: setsWords.all },
            ...shelves.map(({ slot }) => ({ value: slot, shown: slotLabels[slot] })),
          ]}
        />
      </div>
      <div className="min-h-0 flex-1 overflow-y-auto p-2">
        {shelves
          .filter(({ slot }) => shown === all || slot === shown)
          .map((shelf) => (
            <div key={shelf.slot} className="mb-3">
              <h2 className="mb-1 text-tiny text-ink-soft">{slotLabels[shelf.slot]}</h2>
              <ul className="grid grid-cols-4 gap-1">
                {shelf.pieces.map((piece) => (
                  <ShelfPiece key={piece.id} piece={piece} taken={taken.has(piece.id)} onAdd={onAdd} />
                ))}
              </ul>
            </div>
          ))}
      </div>
    </section>
  );
}

interface ShelfPieceProps {
  readonly piece: Piece;
  readonly taken: boolean;
  readonly onAdd: (piece: Piece) => void;
}

function ShelfPiece({ piece, taken, onAdd }: ShelfPieceProps) {
  const { listeners, setNodeRef, isDragging } = useDraggable({ id: `shelf ${piece.id}`, data: { piece } });
  return (
    <li>
      <button
        ref={setNodeRef}
        {...listeners}
        type="button"
        disabled={taken}
        aria-label={sayWith(setsWords.putIn, { piece: piece.name })}
        onClick={() => onAdd(piece)}
        className={`flex w-full touch-none flex-col items-center border border-transparent px-1 pb-1 hover:border-rule-strong hover:bg-white disabled:opacity-40 ${isDragging ? "basted" : ""}`}
      >
        <InSight className="h-14 w-full">{() => <Plate piece={piece} className="size-full" />}</InSight>
        <span className="line-clamp-2 h-8 text-center text-tiny">{piece.name}</span>
      </button>
    </li>
  );
}
