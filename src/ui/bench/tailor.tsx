"use client";

import type { Remote } from "comlink";
import { useEffect, useState } from "react";
import { toast } from "sonner";
import { bareLength, sayLength } from "@/core/length/length";
import { parseLength } from "@/core/length/parse-length";
import type { Piece, Legged } from "@/core/piece/piece";
import { ruleOf } from "@/core/rules/registry";
import type { Outcome } from "@/core/schema/outcome";
import type { TailorCounsel } from "@/workers/answers";
import type { Counsel } from "@/workers/counsel";
import { Plate } from "../drawing/plate";
import { Button } from "../kit/button";
import { Dialog } from "../kit/dialog";
import { useLengthUnit } from "../kit/length-unit";

export type KeepHem = (input: { pieceId: string; hem: unknown }) => Promise<Outcome<null>>;

interface TailorProps {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly counsel: Remote<Counsel> | null;
  readonly trousers: Legged;
  readonly shoes: readonly Piece[];
  /** The shoe that is on, chosen at first. */
  readonly worn: string | null;
  /** Null where nothing can be kept, as for a look from a file. */
  readonly keepHem: KeepHem | null;
}

/** The inseam to ask the tailor for, for the shoes that are chosen; and the hem as it was tried on. */
export function Tailor({ open, onOpenChange, counsel, trousers, shoes, worn, keepHem }: TailorProps) {
  const [chosen, setChosen] = useState<readonly string[]>(worn ? [worn] : []);
  const [answer, setAnswer] = useState<TailorCounsel | null>(null);
  useEffect(() => {
    if (!open || !counsel || chosen.length === 0) return;
    let current = true;
    void counsel.tailor(trousers.id, chosen).then((found) => current && setAnswer(found));
    return () => {
      current = false;
    };
  }, [open, counsel, trousers.id, chosen]);
  const toggle = (id: string) =>
    setChosen((before) => (before.includes(id) ? before.filter((other) => other !== id) : [...before, id]));
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title={`A hem for ${trousers.name.charAt(0).toLowerCase()}${trousers.name.slice(1)}`}
      about="Choose the shoes these legs are for: the inseam that suits most of them is read from the same rules as the bench."
    >
      <div className="grid max-h-52 grid-cols-4 gap-1.5 overflow-y-auto">
        {shoes.map((shoe) => (
          <button
            key={shoe.id}
            type="button"
            aria-pressed={chosen.includes(shoe.id)}
            onClick={() => toggle(shoe.id)}
            className={`border bg-white p-1 text-left ${chosen.includes(shoe.id) ? "basted border-transparent" : "border-rule"}`}
          >
            <Plate piece={shoe} className="h-10 w-full" />
            <span className="block truncate text-tiny">{shoe.name}</span>
          </button>
        ))}
      </div>
      <Advice answer={chosen.length === 0 ? null : answer} shoes={shoes} inseam={trousers.figures.inseam} />
      {keepHem && <TriedOn trousers={trousers} keepHem={keepHem} />}
    </Dialog>
  );
}

function Advice({
  answer,
  shoes,
  inseam,
}: {
  readonly answer: TailorCounsel | null;
  readonly shoes: readonly Piece[];
  readonly inseam: number;
}) {
  const unit = useLengthUnit();
  if (!answer) return <p className="mt-3 text-ink-soft">Choose at least one pair of shoes.</p>;
  const nameOf = (id: string) => shoes.find((shoe) => shoe.id === id)?.name ?? "";
  const { inseam: wanted, suits, excludes, lift } = answer;
  return (
    <div className="tabular mt-3" aria-live="polite">
      {wanted ? (
        <p>
          Ask for an inseam of{" "}
          <strong>
            {sayLength(wanted.from, unit)}
            {wanted.to > wanted.from && ` to ${sayLength(wanted.to, unit)}`}
          </strong>{" "}
          (now {sayLength(inseam, unit)}): it suits {suits.map(nameOf).join(", ")}.
        </p>
      ) : (
        <p>No inseam suits any of these shoes.</p>
      )}
      {excludes.map(({ shoe, because }) => (
        <p key={shoe} className="text-ink-soft">
          Not {nameOf(shoe)}:{" "}
          {[...new Set(because)].map((id) => ruleOf(id)?.title.toLowerCase() ?? id).join("; ") ||
            "it only passes there"}
          .
        </p>
      ))}
      {lift && (
        <p className="mt-1">
          At full length as they are cut, they want a lift of {sayLength(lift.from, unit)} to{" "}
          {sayLength(lift.to, unit)}.
        </p>
      )}
    </div>
  );
}

function TriedOn({ trousers, keepHem }: { readonly trousers: Legged; readonly keepHem: KeepHem }) {
  const unit = useLengthUnit();
  const { measuredHem } = trousers.figures;
  const [text, setText] = useState(measuredHem === null ? "" : bareLength(measuredHem, unit));
  const [fault, setFault] = useState<string | null>(null);
  const submit = async () => {
    const outcome = await keepHem({ pieceId: trousers.id, hem: parseLength(text, unit) ?? text }).catch(
      () => null,
    );
    if (!outcome)
      return setFault(
        "The studio's server does not answer. The figure is still here: try again in a moment.",
      );
    if (!outcome.ok) return setFault(outcome.faults[0]?.say ?? "");
    setFault(null);
    toast("The measured hem stands from now on; the drop was set to explain it.");
  };
  return (
    <form
      noValidate
      className="mt-4 border-t border-rule pt-3"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <label htmlFor="tried-hem" className="font-medium">
        Hem above the footbed, as tried on
      </label>
      <div className="mt-1 flex gap-2">
        <input
          id="tried-hem"
          value={text}
          inputMode="decimal"
          autoComplete="off"
          aria-invalid={fault !== null}
          aria-describedby={fault ? "tried-fault" : undefined}
          onChange={(event) => setText(event.target.value)}
          className="tabular h-9 w-28 border border-rule-strong bg-white px-2.5 text-body"
        />
        <Button type="submit">Keep measured hem</Button>
      </div>
      {fault && (
        <p id="tried-fault" role="alert" className="mt-1 text-thread">
          {fault}
        </p>
      )}
    </form>
  );
}
