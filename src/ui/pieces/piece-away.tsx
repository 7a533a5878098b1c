"use client";

import type { Outcome } from "@/core/schema/outcome";
import { piecesWords } from "@/words/pieces";
import { Button } from "../kit/button";
import { useBringBack } from "../kit/use-bring-back";

interface PieceAwayProps {
  readonly id: string;
  readonly name: string;
  readonly move: (input: { id: string; away: boolean }) => Promise<Outcome<null>>;
}

/** Says of a piece that it is put away, and brings it back. */
export function PieceAway({ id, name, move }: PieceAwayProps) {
  const bringBack = useBringBack();
  return (
    <p className="mb-4 flex flex-wrap items-center gap-3 border border-dashed border-rule-strong bg-paper px-4 py-2">
      {piecesWords.thisPieceIsInThe}
      <Button size="touch" onClick={() => void bringBack(name, () => move({ id, away: false }))}>
        {piecesWords.bringItBack}
      </Button>
    </p>
  );
}
