"use client";

import { wornSlot } from "@/core/piece/adjustment";
import { useEffect, useState } from "react";
import type { Piece } from "@/core/piece/piece";
import type { Outcome } from "@/core/schema/outcome";
import type { PieceToChange } from "@/core/studio/piece-record";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { granted } from "../../kit/answer";
import { Dialog } from "../../kit/dialog";
import { fieldId } from "../../kit/form/field-id";
import { RecordForm } from "../../kit/form/record-form";
import { Select } from "../../kit/select";
import { CharacterFields } from "../../pieces/parts/character-fields";
import { ColourList } from "../../pieces/parts/colour-list";
import { FigureFields } from "../../pieces/parts/figure-fields";
import { useBenchState, useDesk } from "../state/desk/use-desk";

/** What the studio's server does for a fact that is put right at the bench. */
export interface PieceActions {
  readonly find: (input: { readonly id: string }) => Promise<Outcome<PieceToChange>>;
  readonly save: (input: unknown) => Promise<Outcome<string>>;
}

interface MendFactProps {
  readonly onClose: () => void;
  readonly pieces: PieceActions;
}

/** A figure, level or colour of a worn piece, put right where it was seen to be wrong. */
export function MendFact({ onClose, pieces }: MendFactProps) {
  const { look } = useDesk();
  const active = useBenchState((state) => state.active);
  const worn = [...look.accessories, ...look.garments];
  const asked = useBenchState((state) => state.asked);
  const [chosen, setChosen] = useState(
    () =>
      asked?.pieceId ??
      look.accessories.findLast((piece) => wornSlot(piece, look.adjustments) === active)?.id ??
      worn[0]?.id ??
      "",
  );
  const piece = worn.find(({ id }) => id === chosen);
  return (
    <Dialog
      wide
      open
      onOpenChange={(open) => !open && onClose()}
      title={benchWords.putAFactRight}
      about={benchWords.whatIsChangedHereIs}
    >
      <div className="mb-5 max-w-80">
        <Select label={benchWords.piece} value={chosen} onChange={setChosen} options={worn} />
      </div>
      {piece && (
        <Facts
          key={piece.id}
          piece={piece}
          pieces={pieces}
          field={asked?.pieceId === piece.id ? asked.field : null}
          onKept={onClose}
        />
      )}
    </Dialog>
  );
}

interface FactsProps {
  readonly piece: Piece;
  readonly pieces: PieceActions;
  /** The field that is asked for; null for none. */
  readonly field: string | null;
  readonly onKept: () => void;
}

function Facts({ piece: { id, kind, name }, pieces, field, onKept }: FactsProps) {
  const [record, setRecord] = useState<PieceToChange | null>(null);
  useEffect(() => {
    let isOpen = true;
    void granted(() => pieces.find({ id })).then((found) => {
      if (isOpen && found) setRecord(found.value);
    });
    return () => {
      isOpen = false;
    };
  }, [pieces, id]);
  useEffect(() => {
    if (record && field) document.getElementById(fieldId(field))?.focus();
  }, [record, field]);
  if (!record) return <p className="text-ink-soft">{sayWith(benchWords.takingFromTheRail, { name })}</p>;
  return (
    <RecordForm
      initial={record}
      draft={`piece.${id}`}
      schema={() => import("@/core/schema/forms/piece-form").then(({ pieceForm }) => pieceForm)}
      onSave={pieces.save}
      then={() => null}
      onKept={onKept}
      saveLabel={benchWords.keepItSo}
      savedSay={sayWith(benchWords.isReadByWhatYou, { name })}
    >
      <div className="grid grid-cols-[minmax(0,1fr)] gap-6">
        <FigureFields kind={kind} />
        <ColourList />
        <CharacterFields />
      </div>
    </RecordForm>
  );
}
