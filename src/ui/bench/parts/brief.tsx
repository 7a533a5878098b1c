"use client";

import { Redo2, Undo2 } from "lucide-react";
import { useState, type ComponentProps, type ReactNode } from "react";
import { verdicts, markOf } from "@/core/reading/verdict";
import { levelWord } from "@/core/register/ladder";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { Button } from "../../kit/button";
import { Dialog } from "../../kit/dialog";
import { Hint } from "../../kit/hint";
import { Mark, VerdictMark, wordOf } from "../../kit/marks";
import { MarksLegend } from "../../kit/marks-legend";
import { Segments } from "../../kit/segments";
import { Select } from "../../kit/select";
import { TextButton } from "../../kit/text-button";
import type { Keeping } from "../state/keeper";
import { benchAction } from "../state/desk/actions";
import { decidingWords } from "../words/deciding-words";
import { looksHere, wordsOf } from "../state/desk/own-looks";
import { useBenchState, useDesk, useHistory } from "../state/desk/use-desk";
import { stationsId } from "./stations";
import { LookMenu } from "./look-menu";
import { SetMenu } from "./set-menu";

interface BriefProps {
  readonly clients: readonly { readonly id: string; readonly name: string }[];
}

/** Who, what for, what is laid out; and on the right what the rules and the stylist make of it. */
export function Brief({ clients }: BriefProps) {
  const { source, look, steps, toClient } = useDesk();
  const baseId = useBenchState((state) => state.look.baseId);
  const own = useBenchState((state) => state.look.ownVerdict);
  const occasions = [{ id: "", name: benchWords.noneInParticular }, ...source.occasions];
  return (
    <div className="flex flex-wrap items-stretch gap-x-3 gap-y-1.5 border-b border-rule-strong bg-paper px-4 py-1.5 xl:flex-nowrap">
      <div className="flex w-full min-w-0 gap-x-3 xl:w-auto">
        <Choice
          label={benchWords.client}
          wide="w-31"
          value={source.client.id}
          options={clients}
          onChange={toClient}
        />
        <Choice
          label={benchWords.occasion}
          value={look.occasion?.id ?? ""}
          options={occasions}
          onChange={(id) => steps.chooseOccasion(id || null)}
        />
        <Choice label={benchWords.base} value={baseId} options={source.bases} onChange={steps.chooseBase} />
        <LookChoice />
      </div>
      <div className="ml-auto flex flex-wrap items-center justify-end gap-2.5 md:flex-nowrap xl:shrink-0">
        <KeptState />
        <Judgement />
        <Segments
          label={benchWords.yourOwnVerdict}
          size="square"
          again
          value={own}
          onChange={steps.judge}
          segments={verdicts.map((verdict, i) => ({
            value: verdict,
            shown: <Mark of={verdict} />,
            name: sayWith(benchWords.youSayIt, { verdict: wordOf(verdict) }),
            hint: sayWith(benchWords.youSay, { verdict: wordOf(verdict), mark: i + 1 }),
          }))}
        />
        <History />
        <SetMenu />
        {source.kept && (
          <Button look="strong" onClick={() => steps.open("keep")}>
            {benchWords.keepSet}
          </Button>
        )}
        <LookMenu />
      </div>
    </div>
  );
}

type ChoiceProps = ComponentProps<typeof Select> & { readonly wide?: string };

function Choice({ wide = "w-46", ...select }: ChoiceProps) {
  return (
    <div className={`flex min-w-16 flex-1 flex-col xl:flex-initial xl:shrink ${wide}`}>
      <span aria-hidden="true" className="text-tiny text-ink-soft">
        {select.label}
      </span>
      <Select {...select} twoLines focusAfter={stationsId} />
    </div>
  );
}

/** Stands in the list of looks for one that is not there yet. */
const another = "another";

/** Which of the looks of this base and occasion is on the bench. */
function LookChoice() {
  const { source, steps } = useDesk();
  const look = useBenchState((state) => state.look);
  const others = useBenchState((state) => state.others);
  const words = useBenchState((state) => state.words);
  const state = { look, others, words };
  const options = looksHere(state, source).map(({ id }) => ({ id, name: wordsOf(state, source, id).name }));
  return (
    <Choice
      label={benchWords.look}
      wide="w-22"
      value={look.id}
      options={[...options, { id: another, name: benchWords.beginAnother }]}
      onChange={(id) => (id === another ? steps.beginAnother() : steps.takeUp(id))}
    />
  );
}

/** The verdict that stands, with the computed one beside it where the stylist set something aside. */
function Judgement() {
  const { reading, standing, answers } = useDesk();
  const [legend, setLegend] = useState(false);
  const overruled = standing.overruled.some((overruling) => overruling !== null);
  const standingFindings = reading.findings.filter((_, i) => !standing.overruled[i]);
  return (
    <div className="flex items-center gap-2 border-l border-rule pl-3" aria-live="polite">
      <button
        type="button"
        aria-label={benchWords.whatTheMarksMean}
        onClick={() => setLegend(true)}
        className="flex min-h-9 min-w-9 items-center justify-center hover:bg-well"
      >
        <VerdictMark of={standing.verdict} className="size-7" />
      </button>
      {legend && (
        <Dialog
          open
          onOpenChange={setLegend}
          title={benchWords.whatTheMarksMean}
          about={benchWords.eachLookIsMarkedAs}
        >
          <MarksLegend />
        </Dialog>
      )}
      <span className="grid">
        <span className="flex items-center gap-2">
          <span className="font-serif text-title leading-none">{wordOf(standing.verdict)}</span>
          <span
            className="tabular w-9 text-right text-title leading-none font-medium"
            title={benchWords.score0To100}
          >
            {markOf(standing)}
          </span>
        </span>
        <span className="text-tiny leading-tight whitespace-nowrap text-ink-soft">
          {decidingWords(standing.verdict, standingFindings)}
          {answers.certainty.open.length > 0 && benchWords.notCertain}
        </span>
        {overruled && (
          <span className="tabular text-right text-tiny leading-none text-ink-soft">
            {sayWith(benchWords.computed, { verdict: wordOf(reading.verdict), reading: markOf(reading) })}
          </span>
        )}
      </span>
      <span className="tabular hidden w-20 text-tiny leading-tight text-ink-soft 2xl:block">
        {reading.level === null ? "" : levelWord(reading.level)}
      </span>
    </div>
  );
}

/** A step back, and a step forward again. */
function History() {
  const { steps } = useDesk();
  const { canUndo, canRedo } = useHistory();
  const ways = [
    { id: "undo", can: canUndo, does: steps.undo, Icon: Undo2 },
    { id: "redo", can: canRedo, does: steps.redo, Icon: Redo2 },
  ];
  return (
    <div className="flex">
      {ways.map(({ id, can, does, Icon }) => (
        <Hint key={id} words={benchAction(id).words}>
          <button
            type="button"
            aria-label={benchAction(id).words}
            aria-disabled={!can}
            onClick={() => can && does()}
            className="flex h-9 w-8 items-center justify-center border border-l-0 border-rule-strong bg-paper first:border-l hover:bg-well aria-disabled:text-rule-strong"
          >
            <Icon className="size-4" aria-hidden="true" />
          </button>
        </Hint>
      ))}
    </div>
  );
}

/** Whether the look is kept, in words, and what there is to decide where it is not. */
function KeptState() {
  const { keeping, keeper, source, steps } = useDesk();
  return (
    <span role="status" className="max-w-56 text-right text-tiny leading-tight text-ink-soft">
      {!source.kept ? benchWords.fromAFileNotKept : stateOf(keeping)}
    </span>
  );

  function stateOf(now: Keeping): ReactNode {
    if (now.state === "kept") return "kept";
    if (now.state === "keeping") return "keeping ...";
    if (now.state === "waiting") return benchWords.waitingForTheServerKept;
    if (now.state === "apart")
      return (
        <>
          {benchWords.changedElsewhereToo}{" "}
          <TextButton onClick={() => steps.open("apart")}>{benchWords.choose}</TextButton>
        </>
      );
    return (
      <>
        {sayWith(benchWords.notKeptItWaitsIn, { say: now.say })}{" "}
        <TextButton
          onClick={() => {
            keeper?.letGo(now.look);
            // What is on record is laid on the bench in its place.
            location.reload();
          }}
        >
          {benchWords.letItGo}
        </TextButton>
      </>
    );
  }
}
