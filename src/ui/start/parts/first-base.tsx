"use client";

import { useState } from "react";
import { baseFault } from "@/core/piece/base-fault";
import type { PieceRecord } from "@/core/studio/piece-record";
import { startWords } from "@/words/start";
import { Plate } from "../../drawing/plate";
import { answerOf, sayFaults } from "../../kit/answer";
import { Button } from "../../kit/button";
import { Toggle } from "../../kit/toggle";
import type { StartActions } from "../start";

interface FirstBaseProps {
  readonly client: { readonly id: string };
  readonly garments: readonly PieceRecord[];
  readonly save: StartActions["saveBase"];
  readonly onSaved: () => void;
}

/** A base by pressing what it is made of: a top and a bottom, or a dress. */
export function FirstBase({ client, garments, save, onSaved }: FirstBaseProps) {
  const [pressed, setPressed] = useState<readonly string[]>([]);
  const [fault, setFault] = useState<string | null>(null);
  const chosen = garments.filter(({ piece }) => pressed.includes(piece.id)).map(({ piece }) => piece);
  const missing = chosen.length === 0 ? null : baseFault(chosen);
  const keep = async () => {
    const name = chosen
      .map((piece) => piece.name)
      .join(", ")
      .slice(0, 120);
    const input = { id: null, version: null, clientId: client.id, name, pieceIds: pressed };
    const outcome = await answerOf(() => save(input));
    if (outcome.ok) onSaved();
    else setFault(sayFaults(outcome));
  };
  return (
    <>
      <p className="text-ink-soft">{startWords.pressTwo}</p>
      <div role="group" aria-label={startWords.garments} className="flex flex-wrap gap-2">
        {garments.map(({ piece }) => (
          <Toggle
            key={piece.id}
            look="basted"
            on={pressed.includes(piece.id)}
            onChange={(on) => {
              setPressed(on ? [...pressed, piece.id] : pressed.filter((id) => id !== piece.id));
              setFault(null);
            }}
            className="grid w-28 p-2 text-tiny"
          >
            <Plate piece={piece} className="h-20 w-full" />
            {piece.name}
          </Toggle>
        ))}
      </div>
      <p className="flex flex-wrap items-center gap-3">
        <Button
          look="strong"
          size="touch"
          disabled={chosen.length === 0 || missing?.is === "refused"}
          onClick={() => void keep()}
        >
          {startWords.layThemOut}
        </Button>
        <span role="status" className="text-ink-soft">
          {fault ?? missing?.say ?? ""}
        </span>
      </p>
    </>
  );
}
