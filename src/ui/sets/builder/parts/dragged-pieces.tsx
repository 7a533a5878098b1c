"use client";

import {
  DndContext,
  DragOverlay,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from "@dnd-kit/core";
import { useState, type ReactNode } from "react";
import type { Piece } from "@/core/piece/piece";
import { Plate } from "../../../drawing/plate";
import { lineId } from "./line";

interface DraggedPiecesProps {
  /** Called with a piece that is let go over the line. */
  readonly onLine: (piece: Piece) => void;
  /** Called with a piece that is let go anywhere else. */
  readonly onElsewhere: (piece: Piece) => void;
  readonly children: ReactNode;
}

/** Pieces within can be dragged; the one that is held is drawn under the pointer. */
export function DraggedPieces({ onLine, onElsewhere, children }: DraggedPiecesProps) {
  const [held, setHeld] = useState<Piece | null>(null);
  // A drag begins after a few pixels, so that a press stays a press.
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const drop = ({ active, over }: DragEndEvent) => {
    setHeld(null);
    const piece = pieceOf(active);
    if (piece) (over?.id === lineId ? onLine : onElsewhere)(piece);
  };
  return (
    <DndContext
      sensors={sensors}
      onDragStart={({ active }) => setHeld(pieceOf(active))}
      onDragEnd={drop}
      onDragCancel={() => setHeld(null)}
    >
      {children}
      <DragOverlay>{held && <Plate piece={held} className="h-24 w-28 cursor-grabbing" />}</DragOverlay>
    </DndContext>
  );
}

function pieceOf({ data }: DragEndEvent["active"]): Piece | null {
  return (data.current?.piece as Piece | undefined) ?? null;
}
