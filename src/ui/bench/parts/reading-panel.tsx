"use client";

import { ChevronRight } from "lucide-react";
import type { ReactNode } from "react";
import { bySeverity, isFault } from "@/core/reading/severity";
import type { LensReading, Reading } from "@/core/reading/read";
import { lensLabels, type Finding, type Lens } from "@/core/rules/finding";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { useDesk } from "../state/desk/use-desk";
import { ClientSaid } from "./client-said";
import { EdgeLine } from "./edge-line";
import { FindingRow } from "./finding-row";
import { NextStation } from "./next-station";
import { IdleUnsaid, OpenQuestions } from "./open-questions";
import { LevelScale } from "./level-scale";
import { RemedyButtons } from "./remedy-buttons";
import { LayersRow } from "./layers-row";
import { WhatIfRow, WhatWouldChange } from "./what-if";

/** What the rules say: eight gauges, what the outfit lacks, what to change, gravest first, and what works behind one line. */
export function ReadingPanel() {
  const { reading, refusal, answers, isShown, dressed, next } = useDesk();
  const { placing, worn } = dressed;
  const fresh = answers.ofThisLook && isShown;
  const { faults, praise, others } = partsOf(reading);
  return (
    <section aria-label={benchWords.reading} className="flex min-h-0 flex-col bg-paper">
      <Gauges lenses={reading.lenses} />
      <LayersRow />
      <WhatIfRow />
      <div
        aria-live="polite"
        tabIndex={0}
        role="region"
        aria-label={benchWords.findings}
        className="relative min-h-0 flex-1 overflow-y-auto px-4 pb-3"
      >
        {refusal && (
          <p role="alert" className="mt-3 border-l-2 border-thread pl-2">
            {refusal}
          </p>
        )}
        <ClientSaid />
        <WhatWouldChange />
        {next && <NextStation next={next} />}
        {faults.length > 0 && (
          <Part heading={sayToChange(faults.length)}>
            <Findings findings={faults} />
          </Part>
        )}
        {/* What is answered later stands below: it must not push away what a hand is about to press. */}
        {fresh && <EdgeLine edges={answers.edges} />}
        {fresh && <OpenQuestions open={answers.certainty.open} />}
        {others.length > 0 && (
          <Part heading={benchWords.goodToKnow}>
            <Findings findings={others} />
          </Part>
        )}
        {praise.length > 0 && <WorksWell praise={praise} open={faults.length === 0} />}
        {placing && (
          <Part heading={benchWords.howDressedItIs}>
            <LevelScale placing={placing} worn={worn} />
          </Part>
        )}
        {fresh && answers.remedies.alsoBetter.length > 0 && (
          <Part heading={benchWords.alsoBetter}>
            <p className="mb-1.5 text-tiny text-ink-soft">{benchWords.theseFixNothingAboveBut}</p>
            <RemedyButtons remedies={answers.remedies.alsoBetter} />
          </Part>
        )}
        {fresh && <IdleUnsaid idle={answers.certainty.idle} />}
      </div>
    </section>
  );
}

function sayToChange(faultsCount: number): string {
  return faultsCount === 1
    ? benchWords.oneThingToChange
    : sayWith(benchWords.thingsToChange, { faultsCount });
}

interface PartProps {
  readonly heading: string;
  readonly children: ReactNode;
}

function Part({ heading, children }: PartProps) {
  return (
    <div className="pt-3">
      <h2 className="text-body">{heading}</h2>
      {children}
    </div>
  );
}

interface WorksWellProps {
  readonly praise: readonly Finding[];
  readonly open: boolean;
}

/** What works, behind its line where there is something to change. */
function WorksWell({ praise, open }: WorksWellProps) {
  return (
    <details className="group pt-3" open={open}>
      <summary className="flex cursor-pointer list-none items-baseline gap-2 text-body marker:hidden touch:min-h-11 touch:items-center">
        <ChevronRight
          className="size-3.5 shrink-0 self-center transition-transform group-open:rotate-90"
          aria-hidden="true"
        />
        <h2 className="text-body">
          {praise.length === 1
            ? benchWords.oneThingWorksWell
            : sayWith(benchWords.thingsWorkWell, { praiseCount: praise.length })}
        </h2>
      </summary>
      <Findings findings={praise} />
    </details>
  );
}

/** Findings with what is said against them and what would mend them, as far as that is answered for this very look. */
function Findings({ findings }: { readonly findings: readonly Finding[] }) {
  const { reading, standing, judging, answers, isShown } = useDesk();
  const mended = answers.ofThisLook && isShown ? answers.remedies.mended : [];
  return (
    <ul>
      {findings.map((finding, i) => (
        <FindingRow
          key={`${finding.rule}-${i}`}
          finding={finding}
          overruled={standing.overruled[reading.findings.indexOf(finding)] ?? null}
          judging={judging}
          remedies={mended.find((entry) => reading.findings[entry.finding] === finding)?.remedies ?? []}
        />
      ))}
    </ul>
  );
}

/** What asks for a change, the gravest first; what works; and what is good to know. */
function partsOf({ findings }: Reading) {
  const sorted = [...findings].sort(bySeverity);
  return {
    faults: sorted.filter(isFault),
    praise: sorted.filter(({ effect }) => effect === "sings" || effect === "lifts"),
    others: sorted.filter(({ effect }) => effect === "note" || effect === "unread"),
  };
}

/** The name of a lens where there is room for one word. */
const gaugeLabels: Readonly<Record<Lens, string>> = { ...lensLabels, comfort: "Comfort" };

function Gauges({ lenses }: { readonly lenses: readonly LensReading[] }) {
  return (
    <dl className="grid grid-cols-4 gap-x-2.5 gap-y-1.5 xl:gap-x-4 border-b border-rule px-4 py-2">
      {lenses.map(({ lens, score }) => (
        <div key={lens} className="grid grid-cols-[minmax(0,1fr)_auto] items-baseline gap-x-1">
          <dt className="text-[0.625rem] whitespace-nowrap text-ink-soft xl:text-tiny">
            {gaugeLabels[lens]}
          </dt>
          <dd className="contents">
            <span className="tabular text-tiny font-semibold">
              {score === null ? "-" : Math.round(score)}
            </span>
            <Gauge score={score} />
          </dd>
        </div>
      ))}
    </dl>
  );
}

/** A rule from 0 to 100 with a notch where 70 lies, from which a reading starts. */
function Gauge({ score }: { readonly score: number | null }) {
  return (
    <svg viewBox="0 0 100 7" preserveAspectRatio="none" className="h-1.75 w-full" aria-hidden="true">
      <path
        d="M0 5.5 H100 M0 3 V7 M100 3 V7 M70 2 V7"
        stroke="var(--rule-strong)"
        strokeWidth={1}
        vectorEffect="non-scaling-stroke"
      />
      {score !== null && (
        <path d={`M0 4.5 H${score}`} stroke="var(--ink)" strokeWidth={3} vectorEffect="non-scaling-stroke" />
      )}
    </svg>
  );
}
