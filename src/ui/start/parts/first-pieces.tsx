"use client";

import { useMemo } from "react";
import type { PieceRecord } from "@/core/studio/piece-record";
import { intakeWords } from "@/words/intake";
import { sayWith } from "@/words/say";
import { startWords } from "@/words/start";
import { Plate } from "../../drawing/plate";
import { Fault } from "../../kit/fault";
import { LinesBox } from "../../intake/parts/lines-box";
import { RowsToLookOver } from "../../intake/parts/rows-to-look-over";
import { useIntake } from "../../intake/state/use-intake";
import { useRowsToKeep } from "../../intake/state/use-rows-to-keep";
import { Button, ButtonLink } from "../../kit/button";
import { useDraft } from "../../kit/form/use-draft";
import { TextButton } from "../../kit/text-button";
import type { StartActions } from "../start";

interface FirstPiecesProps {
  readonly client: { readonly id: string; readonly name: string };
  readonly pieces: readonly PieceRecord[];
  readonly isOpen: boolean;
  readonly onOpen: () => void;
  readonly actions: Pick<StartActions, "keepPieces" | "called">;
  readonly onSaved: () => void;
}

/** As many plates as one row holds; of a longer rail the newest are shown. */
const most = 10;

/** A handful of pieces, a line each, drawn as they are written. */
export function FirstPieces({ client, pieces, isOpen, onOpen, actions, onSaved }: FirstPiecesProps) {
  return (
    <>
      {pieces.length > 0 && (
        <ul className="flex flex-wrap gap-2">
          {pieces.slice(-most).map(({ piece }) => (
            <li key={piece.id} className="w-24 border border-rule bg-white p-1 text-tiny">
              <Plate piece={piece} className="h-14 w-full" />
              <span className="line-clamp-2">{piece.name}</span>
            </li>
          ))}
          {pieces.length > most && (
            <li className="self-center text-ink-soft">
              {sayWith(startWords.andMore, { count: pieces.length - most })}
            </li>
          )}
        </ul>
      )}
      {isOpen ? (
        <WritePieces client={client} actions={actions} onSaved={onSaved} />
      ) : (
        <p>
          <TextButton className="min-h-6 touch:min-h-11" onClick={onOpen}>
            {startWords.writeMore}
          </TextButton>
        </p>
      )}
    </>
  );
}

function WritePieces({ client, actions, onSaved }: Pick<FirstPiecesProps, "client" | "actions" | "onSaved">) {
  const intake = useIntake();
  const { rows, pieces, wrong, fault, isBusy, take, record } = useRowsToKeep(actions.keepPieces);
  const lines = useDraft(`pieces.first.${client.id}`, "");
  const whose = useMemo(() => ({ owners: [client], usual: client.id }), [client]);
  const keep = async () => {
    if (!(await record())) return;
    lines.settle("");
    take([]);
    onSaved();
  };
  return (
    <>
      <p className="max-w-[68ch] text-ink-soft">{startWords.garmentsAndMore}</p>
      <LinesBox
        intake={intake}
        whose={whose}
        text={lines.value}
        onText={lines.change}
        onRows={take}
        called={actions.called}
      />
      <p className="flex flex-wrap items-center gap-3">
        <Button
          look="strong"
          size="touch"
          disabled={pieces.length === 0 || wrong > 0 || isBusy}
          onClick={() => void keep()}
        >
          {sayWith(intakeWords.addPieces, { count: pieces.length })}
        </Button>
        <ButtonLink look="quiet" href={`/rail/new?client=${client.id}`}>
          {startWords.orByPhoto}
        </ButtonLink>
      </p>
      <Fault say={fault} />
      {rows.length > 0 && <RowsToLookOver rows={rows} owners={[client]} />}
    </>
  );
}
