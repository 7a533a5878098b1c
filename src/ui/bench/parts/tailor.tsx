"use client";

import { useCallback, useState } from "react";
import { toast } from "sonner";
import { bareLength, sayLength } from "@/core/length/length";
import { parseLength } from "@/core/length/parse-length";
import type { Piece, Legged } from "@/core/piece/piece";
import { faultOf } from "@/core/rules/registry";
import type { Outcome } from "@/core/schema/outcome";
import type { TailorAdvice } from "@/workers/answers";
import { withinSentence } from "@/core/words/within-sentence";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { useAsk, type Question } from "../../workers/use-ask";
import type { Workers } from "../../workers/use-workers";
import { answerOf, sayFaults } from "../../kit/answer";
import { Plate } from "../../drawing/plate";
import { Button } from "../../kit/button";
import { Dialog } from "../../kit/dialog";
import { useDraft } from "../../kit/form/use-draft";
import { useLengthUnit } from "../../kit/length-unit";
import { Toggle } from "../../kit/toggle";

export type KeepHem = (input: { pieceId: string; hem: unknown }) => Promise<Outcome<null>>;

interface TailorProps {
  readonly onClose: () => void;
  readonly workers: Workers | null;
  readonly trousers: Legged;
  readonly shoes: readonly Piece[];
  /** The shoe that is on, chosen at first. */
  readonly worn: string | null;
  /** Null where nothing can be kept, as for a look from a file. */
  readonly keepHem: KeepHem | null;
}

/** The inseam to ask the tailor for, for the shoes that are chosen; and the hem as it was tried on. */
export function Tailor({ onClose, workers, trousers, shoes, worn, keepHem }: TailorProps) {
  const [chosen, setChosen] = useState<readonly string[]>(worn ? [worn] : []);
  const question = useCallback<Question<TailorAdvice | null>>(
    (worker) => worker.tailor(trousers.id, chosen),
    [trousers.id, chosen],
  );
  const { value: answer } = useAsk(workers, chosen.length > 0 ? question : null);
  const toggle = (id: string) =>
    setChosen((before) => (before.includes(id) ? before.filter((other) => other !== id) : [...before, id]));
  return (
    <Dialog
      open
      onOpenChange={onClose}
      title={sayWith(benchWords.aHemFor, { trousers: withinSentence(trousers.name) })}
      about={benchWords.chooseTheShoesTheseLegs}
    >
      <div className="grid max-h-52 grid-cols-4 gap-1.5 overflow-y-auto">
        {shoes.map((shoe) => (
          <Toggle
            key={shoe.id}
            look="basted"
            on={chosen.includes(shoe.id)}
            onChange={() => toggle(shoe.id)}
            className="p-1 text-left"
          >
            <Plate piece={shoe} className="h-10 w-full" />
            <span className="line-clamp-2 min-h-8 text-tiny leading-tight">{shoe.name}</span>
          </Toggle>
        ))}
      </div>
      <Advice answer={answer} shoes={shoes} inseam={trousers.figures.inseam} />
      {keepHem && <TriedOn trousers={trousers} keepHem={keepHem} />}
    </Dialog>
  );
}

function Advice({
  answer,
  shoes,
  inseam,
}: {
  readonly answer: TailorAdvice | null;
  readonly shoes: readonly Piece[];
  readonly inseam: number;
}) {
  const unit = useLengthUnit();
  if (!answer) return <p className="mt-3 text-ink-soft">{benchWords.chooseAtLeastOnePair}</p>;
  const nameOf = (id: string) => shoes.find((shoe) => shoe.id === id)?.name ?? "";
  const { inseam: wanted, suits, excludes, lift } = answer;
  return (
    <div className="tabular mt-3" aria-live="polite">
      {wanted ? (
        <p>
          {benchWords.askForAnInseamOf}{" "}
          <strong>
            {wanted.to > wanted.from
              ? sayWith(benchWords.fromTo, {
                  from: sayLength(wanted.from, unit),
                  to: sayLength(wanted.to, unit),
                })
              : sayLength(wanted.from, unit)}
          </strong>{" "}
          {sayWith(benchWords.nowItSuits, {
            inseam: sayLength(inseam, unit),
            shoes: suits.map(nameOf).join(", "),
          })}
        </p>
      ) : (
        <p>{benchWords.noInseamSuitsAnyOf}</p>
      )}
      {excludes.map(({ shoe, because }) => (
        <p key={shoe} className="text-ink-soft">
          {sayWith(benchWords.not, { shoe: nameOf(shoe) })}{" "}
          {[...new Set(because)].map(faultOf).join("; ") || benchWords.itOnlyPassesThere}.
        </p>
      ))}
      {lift && (
        <p className="mt-1">
          {sayWith(benchWords.atFullLengthAsThey, {
            from: sayLength(lift.from, unit),
            to: sayLength(lift.to, unit),
          })}
        </p>
      )}
    </div>
  );
}

function TriedOn({ trousers, keepHem }: { readonly trousers: Legged; readonly keepHem: KeepHem }) {
  const unit = useLengthUnit();
  const { measuredHem } = trousers.figures;
  const text = useDraft(
    `tried-hem.${trousers.id}`,
    measuredHem === null ? "" : bareLength(measuredHem, unit),
  );
  const [fault, setFault] = useState<string | null>(null);
  const submit = async () => {
    const hem = parseLength(text.value, unit) ?? text.value;
    const outcome = await answerOf(() => keepHem({ pieceId: trousers.id, hem }));
    if (!outcome.ok) {
      setFault(sayFaults(outcome));
      return;
    }
    setFault(null);
    text.settle(text.value);
    toast(benchWords.theMeasuredHemStandsFrom);
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
        {benchWords.hemAboveTheFootbedAs}
      </label>
      <div className="mt-1 flex gap-2">
        <input
          id="tried-hem"
          value={text.value}
          inputMode="decimal"
          autoComplete="off"
          aria-invalid={fault !== null}
          aria-describedby={fault ? "tried-fault" : undefined}
          onChange={(event) => text.change(event.target.value)}
          className="tabular h-9 w-28 border border-rule-strong bg-white px-2.5 text-body"
        />
        <Button type="submit">{benchWords.keepMeasuredHem}</Button>
      </div>
      {fault && (
        <p id="tried-fault" role="alert" className="mt-1 text-thread">
          {fault}
        </p>
      )}
    </form>
  );
}
