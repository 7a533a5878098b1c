"use client";

import { useState, type ReactNode } from "react";
import { useFormContext, useWatch } from "react-hook-form";
import { kindNames, kinds, type Kind } from "@/core/piece/kinds";
import { completed, unsaidFigures } from "@/core/piece/as-said";
import { careNeeds } from "@/core/piece/on-record";
import type { Piece } from "@/core/piece/piece";
import type { Outcome } from "@/core/schema/outcome";
import { newPiece } from "@/core/studio/new-piece";
import { pieceInput, pieceStates, type PieceDraft, type PieceRecord } from "@/core/studio/piece-record";
import { piecesWords } from "@/words/pieces";
import { railWords } from "@/words/rail";
import { photoAddress, Plate } from "../drawing/plate";
import { flatTape, tapeOf } from "../drawing/tape";
import { tapeBox, TapeOver } from "../drawing/tape-over";
import { PhotoField } from "../intake/parts/photo-field";
import { ChoiceField, TextField, wordsAsOptions } from "../kit/form/fields";
import { controlOf, Field } from "../kit/form/field";
import { Select } from "../kit/select";
import { Toggle } from "../kit/toggle";
import { RecordForm } from "../kit/form/record-form";
import { WordsField } from "../kit/form/words-field";
import { useLengthUnit } from "../kit/length-unit";
import { captionOf } from "./words/caption";
import { CharacterFields } from "./parts/character-fields";
import { ColourList } from "./parts/colour-list";
import { FigureFields } from "./parts/figure-fields";
import type { PiecesCalled } from "../intake/parts/lines-box";
import { OneLine } from "./parts/one-line";

interface PieceFormProps {
  /** Null for a new piece. */
  readonly record: PieceRecord | null;
  /** The piece that a new one begins as, to be varied; left out or null: nothing has been said of it. */
  readonly like?: PieceDraft | null;
  /** What a new piece is, as it was written elsewhere. */
  readonly line?: string;
  readonly called?: PiecesCalled;
  readonly owners: readonly { readonly id: string; readonly name: string }[];
  readonly owner: string | null;
  readonly save: (input: unknown) => Promise<Outcome<string>>;
  readonly actions?: ReactNode;
}

/** A piece with all that the rules read of it, drawn as it is typed. */
export function PieceForm(props: PieceFormProps) {
  const { record, like = null, line = "", called, owners, owner, save, actions } = props;
  return (
    <RecordForm
      initial={
        record
          ? pieceInput(record)
          : {
              id: null,
              version: null,
              clientId: owner,
              state: "ready",
              backOn: null,
              needs: [],
              piece: like ?? blank,
            }
      }
      draft={like || line ? null : `piece.${record?.piece.id ?? `new.${owner ?? "kit"}`}`}
      schema={() => import("@/core/schema/forms/piece-form").then(({ pieceForm }) => pieceForm)}
      onSave={save}
      then={() => (owner ? `/rail?client=${owner}` : "/rail")}
      deed="work"
      saveLabel={record ? piecesWords.keepChanges : piecesWords.addPiece}
      savedSay={piecesWords.thePieceIsOnThe}
      actions={actions}
    >
      <div className="grid grid-cols-[minmax(0,1fr)] gap-6 lg:grid-cols-[20rem_minmax(0,1fr)]">
        <div className="grid content-start gap-3 self-start lg:sticky lg:top-4">
          <Preview />
          <PhotoField
            kept={
              record?.piece.photo === undefined ? null : photoAddress(record.piece.id, record.piece.photo)
            }
          />
        </div>
        <div className="grid grid-cols-[minmax(0,1fr)] content-start gap-7">
          {record ? null : <OneLine blank={blank} like={like} begun={line} called={called} />}
          <div className="grid grid-cols-2 gap-3 xl:grid-cols-4">
            {record ? null : <KindField />}
            <TextField name="piece.name" label={piecesWords.name} className={record ? "col-span-2" : ""} />
            <ChoiceField
              name="clientId"
              label={piecesWords.owner}
              none={railWords.studioKit}
              options={owners.map(({ id, name }) => ({ value: id, label: name }))}
            />
            <ChoiceField name="state" label={piecesWords.state} options={wordsAsOptions(pieceStates)} />
            <BackOn />
          </div>
          {record && <WordsField name="needs" label={piecesWords.needsFirst} words={careNeeds} />}
          <ColourList />
          <Figures />
          <CharacterFields />
        </div>
      </div>
    </RecordForm>
  );
}

/** The day a piece is due back; asked of one that is not here. */
function BackOn() {
  const state = useWatch<{ state: PieceRecord["state"] }, "state">({ name: "state" });
  return state === "ready" ? null : <TextField name="backOn" label={piecesWords.backOn} type="date" />;
}

/** What a new piece is as long as nothing has been said of it. */
const blank = newPiece("shoe");

/** The measures of whatever kind the piece is. */
function Figures() {
  const kind = useWatch({ name: "piece.kind" }) as Kind;
  return <FigureFields key={kind} kind={kind} />;
}

function KindField() {
  const { setValue } = useFormContext();
  const kind = useWatch({ name: "piece.kind" }) as Kind;
  return (
    <Field name="piece.kind" label={piecesWords.kind}>
      <Select
        label={piecesWords.kind}
        control={controlOf("piece.kind", undefined, undefined)}
        value={kind}
        onChange={(chosen) => {
          const next = chosen as Kind;
          setValue("piece.kind", next);
          setValue("piece.figures", unsaidFigures(next));
          setValue("piece.assumed", []);
        }}
        options={kindNames.map((name) => ({ id: name, name: kinds[name].label }))}
      />
    </Field>
  );
}

/** The plate of what has been typed so far. */
function Preview() {
  const unit = useLengthUnit();
  const draft = useWatch({ name: "piece" }) as PieceDraft;
  const [isMeasured, setMeasured] = useState(false);
  const piece = drawable(draft);
  const flat = piece ? flatTape[piece.kind] : undefined;
  const canMeasure = piece !== null && (tapeOf(piece).length > 0 || flat !== undefined);
  return (
    <div className="surround-light flex flex-col border border-rule-strong">
      {piece ? (
        isMeasured && canMeasure ? (
          <div className="relative h-72 w-full">
            <Plate piece={piece} box={tapeBox(piece)} className="absolute inset-0 size-full p-2" />
            <TapeOver piece={piece} unit={unit} className="absolute inset-0 size-full p-2" />
          </div>
        ) : (
          <Plate piece={piece} className="h-72 w-full p-4" />
        )
      ) : (
        <p className="flex h-72 items-center justify-center p-6 text-center text-ink-soft">
          {piecesWords.thePlateIsDrawnWhen}
        </p>
      )}
      <p className="tabular border-t border-rule px-3 py-2 text-ink-soft">
        {piece ? captionOf(piece, unit) : "\u00a0"}
      </p>
      {isMeasured && flat && <p className="border-t border-rule px-3 py-2">{flat}</p>}
      {canMeasure && (
        <Toggle on={isMeasured} onChange={setMeasured} className="h-9 justify-center border-x-0 border-b-0">
          {piecesWords.measureWithATape}
        </Toggle>
      )}
    </div>
  );
}

/** The draft as a piece, if its figures are numbers and its colours are colours. */
function drawable(draft: PieceDraft): Piece | null {
  const fields = kinds[draft.kind].figures as Record<string, { type: string }>;
  const figures = draft.figures as Record<string, unknown>;
  const readable = Object.entries(fields).every(([name, field]) => {
    const value = figures[name];
    return field.type !== "number" || typeof value === "number" || value === null;
  });
  const coloured =
    draft.swatches.length > 0 && draft.swatches.every(({ hex }) => /^#[0-9a-f]{6}$/i.test(hex));
  return readable && coloured ? completed({ ...draft, id: "draft" }) : null;
}
