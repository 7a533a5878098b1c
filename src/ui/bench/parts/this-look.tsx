"use client";

import { format, parseISO } from "date-fns";
import { useRef } from "react";
import { toast } from "sonner";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { Button } from "../../kit/button";
import { Dialog } from "../../kit/dialog";
import { granted } from "../../kit/answer";
import { useLengthUnit } from "../../kit/length-unit";
import { garmentsOf, isBegun, otherLooks, wordsOf } from "../state/desk/own-looks";
import { useBenchState, useDesk, useLookHistory } from "../state/desk/use-desk";
import type { LookActions } from "../state/look-actions";
import { sayStep } from "../words/say-step";
import { TextField, TextLines } from "../../kit/text-field";

/** How long a look that was put away can be brought back from the message, ms. */
const long = 10_000;

interface ThisLookProps {
  readonly onClose: () => void;
  readonly move: LookActions["move"];
}

/** The look on the bench: its name and note, copies of it, and every step, to be taken up again. */
export function ThisLook({ onClose, move }: ThisLookProps) {
  const { source, steps } = useDesk();
  const look = useBenchState((state) => state.look);
  const others = useBenchState((state) => state.others);
  const words = useBenchState((state) => state.words);
  const called = wordsOf({ look, others, words }, source, look.id).name;

  const putAway = async () => {
    if (!(await granted(() => move({ id: look.id, away: true })))) return;
    steps.leave();
    onClose();
    const bringBack = async () => {
      if (await granted(() => move({ id: look.id, away: false }))) steps.comeBack(look);
    };
    toast(sayWith(benchWords.isInTheArchive, { called }), {
      duration: long,
      action: { label: benchWords.bringItBack, onClick: () => void bringBack() },
    });
  };

  return (
    <Dialog
      open
      onOpenChange={(open) => !open && onClose()}
      title={benchWords.thisLookLabel}
      about={benchWords.everyLookOfThisBase}
    >
      <LookWordsFields called={called} />
      <div className="mb-5 flex flex-wrap gap-2">
        <Button
          size="touch"
          onClick={() => {
            steps.copy();
            toast(sayWith(benchWords.aCopyOfIsOn, { called }));
            onClose();
          }}
        >
          {benchWords.copy}
        </Button>
        {otherLooks({ look, others }).length > 0 && (
          <Button size="touch" onClick={() => steps.open("compare")}>
            {benchWords.compare}
          </Button>
        )}
        {source.kept && isBegun(look) && (
          <Button size="touch" onClick={() => void putAway()}>
            {benchWords.archive}
          </Button>
        )}
      </div>
      <Steps />
    </Dialog>
  );
}

/** What the look is called, and a note to it. */
function LookWordsFields({ called }: { readonly called: string }) {
  const { steps } = useDesk();
  const { name, note } = useBenchState(({ words, look }) => words.get(look.id)) ?? { name: "", note: "" };
  return (
    <div className="mb-4 space-y-3">
      <TextField
        id="look-name"
        label={benchWords.name}
        value={name}
        placeholder={called}
        maxLength={120}
        onChange={(written) => steps.write({ name: written })}
      />
      <TextLines
        id="look-note"
        label={benchWords.note}
        value={note}
        rows={2}
        maxLength={4000}
        onChange={(written) => steps.write({ note: written })}
      />
    </div>
  );
}

/** Every step of the look, the newest first. */
function Steps() {
  const unit = useLengthUnit();
  const { source, steps } = useDesk();
  const look = useBenchState((state) => state.look);
  const taken = useLookHistory();
  const heading = useRef<HTMLHeadingElement>(null);
  if (taken.length === 0) return <p className="text-ink-soft">{benchWords.noStepIsWrittenDown}</p>;
  const garmentIds = garmentsOf(source, look.baseId);
  const byId = new Map(taken.map((step) => [step.id, step]));
  return (
    <>
      <h3 ref={heading} tabIndex={-1} className="mb-1 text-body">
        {benchWords.stepsTheLastOneFirst}
      </h3>
      <ol className="border-t border-rule">
        {taken.toReversed().map((step) => {
          const before = step.after === null ? null : (byId.get(step.after) ?? null);
          const isHere = step.id === look.stepId;
          return (
            <li
              key={step.id}
              aria-current={isHere ? "step" : undefined}
              className={`flex items-center gap-3 border-b border-rule py-1 ${isHere ? "bg-well font-medium" : ""}`}
            >
              <time dateTime={step.at} className="tabular w-24 shrink-0 pl-1 text-tiny text-ink-soft">
                {format(parseISO(step.at), "d MMM, HH:mm")}
              </time>
              <span className="min-w-0 flex-1">
                {sayStep(before, step, { wardrobe: source, garmentIds, unit })}
              </span>
              {isHere ? (
                <span className="flex min-h-11 items-center pr-2 text-tiny text-ink-soft">
                  {benchWords.onTheBench}
                </span>
              ) : (
                <Button
                  size="touch"
                  look="quiet"
                  onClick={() => {
                    steps.standAgain(step);
                    heading.current?.focus();
                  }}
                >
                  {benchWords.takeUp}
                </Button>
              )}
            </li>
          );
        })}
      </ol>
    </>
  );
}
