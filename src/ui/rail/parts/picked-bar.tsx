"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import { toast } from "sonner";
import type { Outcome } from "@/core/schema/outcome";
import type { PieceChange, PieceKey } from "@/core/studio/piece-change";
import { railWords } from "@/words/rail";
import { sayWith } from "@/words/say";
import { granted } from "../../kit/answer";
import { Button, ButtonLink } from "../../kit/button";
import { TextButton } from "../../kit/text-button";
import { ChangeMany } from "./change-many";
import { ComparePieces } from "./compare-pieces";
import { ownerNamer } from "../../kit/owner-name";
import type { Picked } from "../state/use-picked";

export interface ManyActions {
  readonly change: (input: {
    readonly keys: readonly PieceKey[];
    readonly change: PieceChange;
  }) => Promise<Outcome<number>>;
  readonly putAway: (input: { readonly ids: readonly string[] }) => Promise<Outcome<number>>;
}

interface PickedBarProps {
  readonly picked: Picked;
  readonly clients: readonly { readonly id: string; readonly name: string }[];
  readonly actions: ManyActions;
  /** Called when pieces were changed: what is shown is looked up anew. */
  readonly onChanged: () => void;
}

/** What can be done with the pieces that are picked: compare two, say the same of all, put them away. */
export function PickedBar({ picked, clients, actions, onChanged }: PickedBarProps) {
  const router = useRouter();
  const [open, setOpen] = useState<"change" | "compare" | null>(null);
  const { records } = picked;
  const [one, two] = records;
  if (!one) return null;
  const done = (say: string) => {
    toast(say);
    picked.clear();
    setOpen(null);
    onChanged();
    router.refresh();
  };
  const change = async (said: PieceChange) => {
    const keys = records.map(({ piece: { id }, version }) => ({ id, version }));
    const answer = await granted(() => actions.change({ keys, change: said }));
    if (answer) done(sayWith(railWords.piecesChanged, { count: answer.value }));
  };
  const putAway = async () => {
    const ids = records.map(({ piece: { id } }) => id);
    const answer = await granted(() => actions.putAway({ ids }));
    if (answer) done(sayWith(railWords.piecesPutAway, { count: answer.value }));
  };
  return (
    <div
      role="toolbar"
      aria-label={railWords.pickedPieces}
      className="sticky bottom-3 z-20 mt-3 flex flex-wrap items-center gap-2 border border-ink bg-paper px-4 py-2 shadow-lg"
    >
      <Count count={records.length} />
      <Button onClick={() => setOpen("change")}>{railWords.changeThem}</Button>
      {two && records.length === 2 && (
        <Button onClick={() => setOpen("compare")}>{railWords.compareThem}</Button>
      )}
      {records.length === 1 && (
        <ButtonLink href={`/rail/new?like=${one.piece.id}`}>{railWords.duplicate}</ButtonLink>
      )}
      <Button onClick={() => void putAway()}>{railWords.putAway}</Button>
      <TextButton className="min-h-6 touch:min-h-11" onClick={picked.clear}>
        {railWords.letGo}
      </TextButton>
      <ChangeMany
        open={open === "change"}
        onClose={() => setOpen(null)}
        count={records.length}
        clients={clients}
        onChange={change}
      />
      {two && (
        <ComparePieces
          open={open === "compare"}
          onClose={() => setOpen(null)}
          pair={[one, two]}
          nameOf={ownerNamer(clients)}
        />
      )}
    </div>
  );
}

function Count({ count }: { readonly count: number }) {
  return (
    <p className="tabular mr-2 font-medium" aria-live="polite">
      {sayWith(railWords.piecesPicked, { count })}
    </p>
  );
}
