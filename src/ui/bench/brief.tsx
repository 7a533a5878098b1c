"use client";

import { Redo2, Undo2 } from "lucide-react";
import type { ComponentProps } from "react";
import type { Occasion } from "@/core/piece/occasion";
import { verdicts, markOf } from "@/core/reading/verdict";
import { levelWord } from "@/core/register/ladder";
import { Button } from "../kit/button";
import { Hint } from "../kit/hint";
import { Mark, VerdictMark, wordOf } from "../kit/marks";
import { Segments } from "../kit/segments";
import { Select } from "../kit/select";
import { benchAction } from "./desk/actions";
import { decidingWords } from "./deciding-words";
import { useBenchState, useDesk, useHistory } from "./desk/use-desk";
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
  const occasions = [{ id: "", name: "none in particular" }, ...source.occasions];
  return (
    <div className="flex flex-wrap items-stretch gap-x-3 gap-y-1.5 border-b border-rule-strong bg-paper px-4 py-1.5 lg:flex-nowrap">
      <Choice label="Client" wide="w-29" value={source.client.id} options={clients} onChange={toClient} />
      <Choice
        label="Occasion"
        value={look.occasion?.id ?? ""}
        options={occasions}
        onChange={(id) => steps.chooseOccasion(id || null)}
      />
      <Choice label="Base" value={baseId} options={source.bases} onChange={steps.chooseBase} />
      <Circumstances />
      <div className="ml-auto flex flex-wrap items-center justify-end gap-2.5 lg:shrink-0 lg:flex-nowrap">
        <KeptState />
        <Judgement />
        <Segments
          label="Your own verdict"
          size="square"
          again
          value={own}
          onChange={steps.judge}
          segments={verdicts.map((verdict, i) => ({
            value: verdict,
            shown: <Mark of={verdict} />,
            name: `You say it ${wordOf(verdict)}`,
            hint: `You say: ${wordOf(verdict)} (${i + 1})`,
          }))}
        />
        <History />
        <SetMenu />
        {source.kept && (
          <Button look="strong" onClick={() => steps.open("keep")}>
            Keep set
          </Button>
        )}
        <LookMenu />
      </div>
    </div>
  );
}

type ChoiceProps = ComponentProps<typeof Select> & { readonly wide?: string };

function Choice({ wide = "w-44", ...select }: ChoiceProps) {
  return (
    <div className={`flex min-w-16 shrink flex-col ${wide}`}>
      <span aria-hidden="true" className="text-tiny text-ink-soft">
        {select.label}
      </span>
      <Select {...select} />
    </div>
  );
}

/** What the occasion asks, and by which rule book the look is read. */
function Circumstances() {
  const { source, look } = useDesk();
  const lookId = useBenchState((state) => state.look.id);
  const { occasion } = look;
  const { ruleBook } = source.client;
  const before = source.start.id === lookId ? source.start.read : null;
  return (
    <div className="hidden min-w-0 flex-1 flex-col justify-center text-tiny leading-tight text-ink-soft xl:flex">
      <span className="truncate">{occasion ? weatherOf(occasion) : "No weather, no dress code."}</span>
      <span className="truncate">
        {occasion ? `Asks ${levelWord(occasion.span.low)} to ${levelWord(occasion.span.high)}` : ""}
        {occasion && occasion.flags.length > 0 ? `; ${occasion.flags.join(", ")}` : ""}
      </span>
      <span className="truncate">
        Rule book: {ruleBook.name}, version {ruleBook.version}
        {before && before.ruleBookVersion !== ruleBook.version
          ? `; was ${wordOf(before.verdict)} ${markOf(before)} by version ${before.ruleBookVersion}`
          : ""}
      </span>
    </div>
  );
}

function weatherOf({ temperature, rain, wind, ground, light, onFoot }: Occasion): string {
  return `${temperature} \u00b0C, rain ${Math.round(rain * 100)} %, wind ${wind} m/s, ${ground}, ${light}, ${onFoot} min on foot`;
}

/** The verdict that stands, with the computed one beside it where the stylist set something aside. */
function Judgement() {
  const { reading, standing } = useDesk();
  const overruled = standing.overruled.some((overruling) => overruling !== null);
  const standingFindings = reading.findings.filter((_, i) => !standing.overruled[i]);
  return (
    <div className="flex items-center gap-2 border-l border-rule pl-3" aria-live="polite">
      <VerdictMark of={standing.verdict} className="size-7" />
      <span className="grid">
        <span className="flex items-center gap-2">
          <span className="font-serif text-title leading-none">{wordOf(standing.verdict)}</span>
          <span
            className="tabular w-9 text-right text-title leading-none font-medium"
            title="Score, 0 to 100"
          >
            {markOf(standing)}
          </span>
        </span>
        <span className="text-tiny leading-tight whitespace-nowrap text-ink-soft">
          {decidingWords(standing.verdict, standingFindings)}
        </span>
        {overruled && (
          <span className="tabular text-right text-tiny leading-none text-ink-soft">
            computed: {wordOf(reading.verdict)} {markOf(reading)}
          </span>
        )}
      </span>
      <span className="tabular hidden w-20 text-tiny leading-tight text-ink-soft 2xl:block">
        {reading.level === null
          ? ""
          : `level ${Math.round(reading.level * 10) / 10}, ${levelWord(reading.level)}`}
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

/** Whether the look is kept, in words. */
function KeptState() {
  const { keeping, source } = useDesk();
  const words = {
    kept: "kept",
    keeping: "keeping ...",
    waiting: "waiting for the server; kept in this browser",
  } as const;
  const say = !source.kept
    ? "from a file, not kept"
    : keeping.state === "refused"
      ? `not kept: ${keeping.say}`
      : words[keeping.state];
  return (
    <span role="status" className="max-w-24 text-right text-tiny leading-tight text-ink-soft">
      {say}
    </span>
  );
}
