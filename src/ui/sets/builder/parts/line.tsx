"use client";

import { useDraggable, useDroppable } from "@dnd-kit/core";
import { slotOf, type Piece } from "@/core/piece/piece";
import { slotLabels, type Slot } from "@/core/piece/slots";
import { Plate } from "../../../drawing/plate";
import { Toggle } from "radix-ui";
import { sayWith } from "@/words/say";
import { setsWords } from "@/words/sets";
import { Hint } from "../../../kit/hint";
import { TextButton } from "../../../kit/text-button";

interface LineProps {
  readonly pieces: readonly Piece[];
  /** The slot of the piece that is being varied. */
  readonly varied: Slot | null;
  readonly onVary: (slot: Slot | null) => void;
  readonly onTakeOut: (piece: Piece) => void;
}

/** Id of the place that pieces are dropped on. */
export const lineId = "line";

/** The set on one line, from the head down; press a piece to vary it, drag it off to take it out. */
export function Line({ pieces, varied, onVary, onTakeOut }: LineProps) {
  const { setNodeRef, isOver } = useDroppable({ id: lineId });
  return (
    <div
      ref={setNodeRef}
      role="group"
      aria-label={setsWords.theSet}
      className={`flex min-h-52 items-end gap-1 border border-rule-strong bg-white px-3 pt-3 ${isOver ? "basted" : ""}`}
    >
      {pieces.length === 0 && (
        <p className="m-auto max-w-[46ch] pb-3 text-center text-ink-soft">
          {setsWords.dragPiecesHereOrPress}
        </p>
      )}
      {pieces.map((piece) => (
        <LinePiece
          key={piece.id}
          piece={piece}
          isVaried={varied !== null && varied === slotOf(piece)}
          onVary={onVary}
          onTakeOut={onTakeOut}
        />
      ))}
    </div>
  );
}

interface LinePieceProps extends Pick<LineProps, "onVary" | "onTakeOut"> {
  readonly piece: Piece;
  readonly isVaried: boolean;
}

function LinePiece({ piece, isVaried, onVary, onTakeOut }: LinePieceProps) {
  const { listeners, setNodeRef, isDragging } = useDraggable({ id: `line ${piece.id}`, data: { piece } });
  const slot = slotOf(piece);
  return (
    <div className="flex min-w-0 flex-1 basis-0 flex-col items-center pb-1.5" style={{ maxWidth: "9rem" }}>
      <Hint words={setsWords.otherPiecesInItsPlace}>
        <Toggle.Root
          ref={setNodeRef}
          {...listeners}
          pressed={isVaried}
          aria-label={sayWith(setsWords.vary, { piece: piece.name })}
          onPressedChange={(on) => onVary(on ? slot : null)}
          className={`w-full touch-none px-1 hover:bg-well ${isVaried ? "basted" : ""} ${isDragging ? "opacity-30" : ""}`}
        >
          <Plate piece={piece} className="h-24 w-full" />
          <span className="block border-t border-ink pt-0.5 text-center text-tiny text-ink-soft">
            {slot && slotLabels[slot].toLowerCase()}
          </span>
          <span className="line-clamp-2 h-8 text-center text-tiny">{piece.name}</span>
        </Toggle.Root>
      </Hint>
      <TextButton
        aria-label={sayWith(setsWords.takeOut, { piece: piece.name })}
        onClick={() => onTakeOut(piece)}
        className="h-6 px-2 text-tiny text-ink-soft hover:text-ink"
      >
        {setsWords.takeOutWord}
      </TextButton>
    </div>
  );
}
