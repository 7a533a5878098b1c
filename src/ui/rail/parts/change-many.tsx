"use client";

import { useState } from "react";
import { finishNames, type Finish } from "@/core/finish/finishes";
import { metalNames, type Metal } from "@/core/finish/metals";
import { careNeeds, type CareNeed } from "@/core/piece/on-record";
import { statementWords } from "@/core/piece/piece-common";
import { ladder, spanAround } from "@/core/register/ladder";
import type { PieceChange } from "@/core/studio/piece-change";
import { pieceStates, type PieceRecord } from "@/core/studio/piece-record";
import { studioKit } from "@/core/studio/rail";
import { poles, type Pole } from "@/core/style/poles";
import { railWords } from "@/words/rail";
import { sayWith } from "@/words/say";
import { Button } from "../../kit/button";
import { Dialog } from "../../kit/dialog";
import { Select } from "../../kit/select";

interface ChangeManyProps {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly count: number;
  readonly clients: readonly { readonly id: string; readonly name: string }[];
  readonly onChange: (change: PieceChange) => Promise<void>;
}

/** What can be said of many pieces at once, and how a choice becomes it. */
const changes: Readonly<Record<string, (chosen: string) => PieceChange>> = {
  owner: (chosen) => ({ clientId: chosen === studioKit ? null : chosen }),
  state: (chosen) => ({ state: chosen as PieceRecord["state"] }),
  needs: (chosen) => ({ needs: chosen === nothing ? [] : [chosen as CareNeed] }),
  level: (chosen) => ({ register: spanAround(Number(chosen), null) }),
  style: (chosen) => ({ poles: [chosen as Pole] }),
  statement: (chosen) => ({ statement: Number(chosen) as 0 | 1 | 2 | 3 }),
  finish: (chosen) => ({ finish: chosen as Finish }),
  metal: (chosen) => ({ metal: chosen as Metal }),
};
const nothing = "nothing";

/** The fields, with what can be chosen in each. */
function fieldsFor(clients: ChangeManyProps["clients"]) {
  const words = (values: readonly string[]) => values.map((value) => ({ id: value, name: value }));
  const numbered = (values: readonly string[], first: number) =>
    values.map((word, i) => ({ id: String(i + first), name: `${i + first} ${word}` }));
  return [
    {
      name: "owner",
      label: railWords.owner,
      options: [...clients, { id: studioKit, name: railWords.studioKit }],
    },
    { name: "state", label: railWords.state, options: words(pieceStates) },
    {
      name: "needs",
      label: railWords.needsFirst,
      options: [{ id: nothing, name: railWords.nothingMore }, ...words(careNeeds)],
    },
    { name: "level", label: railWords.level, options: numbered(ladder, 1) },
    { name: "style", label: railWords.style, options: words(poles) },
    { name: "statement", label: railWords.howEyeCatching, options: numbered(statementWords, 0) },
    { name: "finish", label: railWords.finish, options: words(finishNames) },
    { name: "metal", label: railWords.metal, options: words(metalNames) },
  ];
}

/** Says the same of many pieces; what is left alone stays as it is with each. */
export function ChangeMany({ open, onClose, count, clients, onChange }: ChangeManyProps) {
  const [chosen, setChosen] = useState<Readonly<Record<string, string>>>({});
  const [backOn, setBackOn] = useState("");
  const fields = fieldsFor(clients);
  const said = Object.entries(chosen).filter(([, value]) => value !== "");
  const isAway = chosen.state !== undefined && chosen.state !== "" && chosen.state !== "ready";
  const change: PieceChange = Object.assign(
    {},
    ...said.map(([name, value]) => changes[name]?.(value) ?? {}),
    isAway && backOn !== "" ? { backOn } : {},
  ) as PieceChange;
  return (
    <Dialog
      open={open}
      onOpenChange={(isOpen) => !isOpen && onClose()}
      title={sayWith(railWords.changeCount, { count })}
      about={railWords.whatIsLeftAloneStays}
    >
      <div className="grid grid-cols-2 gap-3">
        {fields.map(({ name, label, options }) => (
          <div key={name} className="grid gap-1">
            <span className="font-medium">{label}</span>
            <Select
              label={label}
              value={chosen[name] ?? ""}
              onChange={(value) => setChosen({ ...chosen, [name]: value })}
              options={[{ id: "", name: railWords.asItIs }, ...options]}
            />
          </div>
        ))}
        {isAway && (
          <label className="grid gap-1 font-medium">
            {railWords.backOn}
            <input
              type="date"
              value={backOn}
              onChange={(event) => setBackOn(event.target.value)}
              className="h-9 border border-rule-strong bg-white px-2.5 touch:min-h-11"
            />
          </label>
        )}
      </div>
      <div className="mt-5 flex justify-end gap-2">
        <Button onClick={onClose}>{railWords.leaveThem}</Button>
        <Button look="strong" disabled={said.length === 0} onClick={() => void onChange(change)}>
          {sayWith(railWords.changeCount, { count })}
        </Button>
      </div>
    </Dialog>
  );
}
