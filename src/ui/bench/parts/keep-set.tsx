"use client";

import { useState } from "react";
import { toast } from "sonner";
import type { Outcome } from "@/core/schema/outcome";
import type { Piece } from "@/core/piece/piece";
import type { Adjustment } from "@/core/piece/adjustment";
import type { GroupInput } from "@/core/studio/group-record";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { Plate } from "../../drawing/plate";
import { answerOf, sayFaults } from "../../kit/answer";
import { Button } from "../../kit/button";
import { useDraft } from "../../kit/form/use-draft";
import { Dialog } from "../../kit/dialog";
import { TextField } from "../../kit/text-field";

export type SaveSet = (input: GroupInput & { id: null; version: null }) => Promise<Outcome<string>>;

interface KeepSetProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly clientId: string;
  readonly accessories: readonly Piece[];
  readonly adjustments: readonly Adjustment[];
  readonly save: SaveSet;
}

/** Keeps what is worn as a set under the name that is typed. */
function useKeeping({ onOpenChange, clientId, accessories, adjustments, save }: KeepSetProps) {
  const name = useDraft(`set-name.${clientId}`, "");
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const pieceIds = accessories.map(({ id }) => id);

  const submit = async () => {
    setBusy(true);
    const outcome = await answerOf(() =>
      save({
        id: null,
        version: null,
        clientId,
        name: name.value,
        pieceIds,
        ways: adjustments.filter(({ piece }) => pieceIds.includes(piece)),
      }),
    );
    setBusy(false);
    if (!outcome.ok) {
      setFault(sayFaults(outcome));
      return;
    }
    toast(sayWith(benchWords.keptAsASetChoose, { set: name.value.trim() }));
    name.settle("");
    setFault(null);
    onOpenChange(false);
  };
  return { name, fault, busy, submit };
}

/** Asks for a name and keeps what is worn as a set. */
export function KeepSet(props: KeepSetProps) {
  const { open, onOpenChange, accessories } = props;
  const { name, fault, busy, submit } = useKeeping(props);
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title={benchWords.keepAsASet}
      about={benchWords.shoesAndAtLeastTwo}
    >
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void submit();
        }}
      >
        <Plates accessories={accessories} />
        <TextField
          id="set-name"
          label={benchWords.nameOfTheSet}
          value={name.value}
          onChange={name.change}
          fault={fault}
        />
        <div className="mt-5 flex gap-2">
          <Button type="submit" look="strong" disabled={busy}>
            {benchWords.keepSet}
          </Button>
          <Button onClick={() => onOpenChange(false)}>{benchWords.cancel}</Button>
        </div>
      </form>
    </Dialog>
  );
}

function Plates({ accessories }: Pick<KeepSetProps, "accessories">) {
  return (
    <div className="mb-4 flex flex-wrap gap-1 border border-rule bg-white p-2">
      {accessories.map((piece) => (
        <span key={piece.id} title={piece.name}>
          <Plate piece={piece} className="size-14" />
        </span>
      ))}
      {accessories.length === 0 && <span className="p-2 text-ink-soft">{benchWords.nothingIsOnYet}</span>}
    </div>
  );
}
