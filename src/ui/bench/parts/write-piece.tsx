"use client";

import { useEffect, useState } from "react";
import { completed } from "@/core/piece/as-said";
import type { Piece } from "@/core/piece/piece";
import { slotLabels } from "@/core/piece/slots";
import { benchWords } from "@/words/bench";
import { sayWith } from "@/words/say";
import { Plate } from "../../drawing/plate";
import { useLine } from "../../intake/state/use-line";
import { granted } from "../../kit/answer";
import { Button } from "../../kit/button";
import { Dialog } from "../../kit/dialog";
import { useLengthUnit } from "../../kit/length-unit";
import { captionOf } from "../../pieces/words/caption";
import { WordsRead } from "../../pieces/parts/words-read";
import { useBenchState, useDesk } from "../state/desk/use-desk";
import type { PieceActions } from "./mend-fact";

interface WritePieceProps {
  readonly onClose: () => void;
  readonly save: PieceActions["save"];
}

/** A piece that is not on the rail yet, written in one line: it is recorded for the client and put on. */
export function WritePiece({ onClose, save }: WritePieceProps) {
  const { source, steps, named } = useDesk();
  const active = useBenchState((state) => state.active);
  const [line, setLine] = useState("");
  const [kept, setKept] = useState<string | null>(null);
  const read = useLine(line);
  const piece = read?.piece ? completed({ ...read.piece, id: "line" }) : null;
  const arrived = kept !== null && named(kept) !== undefined;
  useEffect(() => {
    // It is put on as soon as the bench has it.
    if (kept === null || !arrived) return;
    steps.put(kept);
    onClose();
  }, [kept, arrived, steps, onClose]);
  const keep = async () => {
    if (!read?.piece) return;
    const answer = await granted(() =>
      save({ id: null, version: null, clientId: source.client.id, state: "ready", piece: read.piece }),
    );
    if (answer) setKept(answer.value);
  };
  return (
    <Dialog
      open
      onOpenChange={(open) => !open && onClose()}
      title={benchWords.notOnTheRailYet}
      about={sayWith(benchWords.writeItAndItIsPutOn, { client: source.client.name })}
    >
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void keep();
        }}
      >
        <label className="grid gap-1">
          <span className="font-medium">{slotLabels[active]}</span>
          <input
            value={line}
            maxLength={300}
            autoComplete="off"
            spellCheck={false}
            onChange={(event) => setLine(event.target.value)}
            className="h-10 border border-rule-strong bg-white px-2 font-serif text-body touch:h-11"
          />
        </label>
        <p aria-live="polite" className="mt-1 min-h-10 text-tiny text-ink-soft">
          {read ? <WordsRead line={line} read={read} /> : benchWords.whatItIsAndItsColour}
        </p>
        <Drawn piece={piece} />
        <div className="mt-4 flex justify-end gap-2">
          <Button onClick={onClose}>{benchWords.leaveIt}</Button>
          <Button look="strong" type="submit" disabled={!piece || kept !== null}>
            {benchWords.recordItAndPutItOn}
          </Button>
        </div>
      </form>
    </Dialog>
  );
}

/** The piece as it is understood so far. */
function Drawn({ piece }: { readonly piece: Piece | null }) {
  const unit = useLengthUnit();
  return (
    <div className="mt-2 grid h-40 grid-cols-[10rem_minmax(0,1fr)] items-center gap-4 border border-rule bg-white p-3">
      {piece && (
        <>
          <Plate piece={piece} className="h-32 w-full" />
          <p>
            <span className="block text-body font-medium">{piece.name}</span>
            <span className="tabular text-ink-soft">{captionOf(piece, unit)}</span>
          </p>
        </>
      )}
    </div>
  );
}
