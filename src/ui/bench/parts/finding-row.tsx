"use client";

import { useState } from "react";
import type { BookRemedy } from "@/core/reading/book-remedies";
import { isFault } from "@/core/reading/severity";
import { isGrave } from "@/core/reading/verdict";
import { phrase, sayLimit, sayValue } from "@/core/reading/phrase";
import type { Remedy } from "@/core/reading/remedies";
import { measurements } from "@/core/body/measurements";
import type { Finding } from "@/core/rules/finding";
import type { BookChange } from "@/core/rule-book/book-change";
import type { RuleBook } from "@/core/rule-book/rule-book";
import type { Overruling } from "@/core/studio/overruling";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import type { Question } from "../../workers/use-ask";
import type { Workers } from "../../workers/use-workers";
import { useLengthUnit } from "../../kit/length-unit";
import { Mark, wordOf } from "../../kit/marks";
import { useMay } from "../../kit/role";
import { TextButton } from "../../kit/text-button";
import { RuleNote } from "../../rule-book/parts/rule-note";
import { Overrule } from "./overrule";
import { RemedyButtons } from "./remedy-buttons";
import type { Place } from "../../kit/place";

/** What the stylist may do with a finding besides mending it. */
export interface Judging {
  readonly client: string;
  readonly lookId: string;
  readonly book: RuleBook;
  readonly kept: boolean;
  /** Where a rule stands in the rule book; null for a look from a file. */
  readonly hrefOf: (rule: string) => Place | null;
  readonly workers: Workers | null;
  /** The question of what the rule book could say instead of a finding. */
  readonly bookQuestion: (finding: Finding) => Question<BookRemedy[]>;
  readonly onOverrule: (finding: Finding, reason: string, scope: "look" | "client") => void;
  readonly onWithdraw: (id: string) => void;
  readonly onChangeBook: (change: BookChange) => void;
}

interface FindingRowProps {
  readonly finding: Finding;
  readonly overruled: Overruling | null;
  readonly judging: Judging;
  readonly remedies: readonly Remedy[];
}

/** One finding: its mark and sentence, what would mend it, and one press away its figures, their limits and the rule. */
export function FindingRow({ finding, overruled, judging, remedies }: FindingRowProps) {
  const unit = useLengthUnit();
  const may = useMay("judge");
  const [asking, setAsking] = useState(false);
  const grave = !overruled && isGrave(finding);
  return (
    <li className="grid grid-cols-[1.25rem_minmax(0,1fr)] gap-x-2 py-1.5">
      <span title={wordOf(finding.effect)} className={grave ? "text-thread" : "text-ink-soft"}>
        <Mark of={finding.effect} className="mt-0.5 size-4.5" />
        <span className="sr-only">{wordOf(finding.effect)}:</span>
      </span>
      <div className="min-w-0">
        <p
          className={
            grave ? "font-medium" : overruled ? "text-ink-soft line-through decoration-rule-strong" : ""
          }
        >
          {phrase(finding, unit)}
        </p>
        {overruled && <OverruledLine overruled={overruled} judging={judging} />}
        {asking && (
          <Overrule
            draft={`${judging.lookId}.${finding.rule}.${finding.message}`}
            client={judging.client}
            kept={judging.kept}
            workers={judging.workers}
            question={judging.bookQuestion(finding)}
            onCancel={() => setAsking(false)}
            onOverrule={(reason, scope) => {
              setAsking(false);
              judging.onOverrule(finding, reason, scope);
            }}
            onChangeBook={(change) => {
              setAsking(false);
              judging.onChangeBook(change);
            }}
          />
        )}
        {finding.caution && (
          <p className="mt-0.5 text-tiny font-medium">
            {sayWith(benchWords.caution, { caution: finding.caution })}
          </p>
        )}
        <Figures
          finding={finding}
          judging={judging}
          onOverrule={may && isFault(finding) && !overruled && !asking ? () => setAsking(true) : null}
        />
        {/* Answered later than the finding: below its own buttons, which stay where they are. */}
        {!overruled && remedies.length > 0 && (
          <div className="mt-1 mb-0.5">
            <RemedyButtons remedies={remedies} />
          </div>
        )}
      </div>
    </li>
  );
}

interface OverruledLineProps {
  readonly overruled: Overruling;
  readonly judging: Judging;
}

/** That a finding is overruled, for whom and why. */
function OverruledLine({ overruled, judging }: OverruledLineProps) {
  const may = useMay("judge");
  return (
    <p className="text-tiny">
      {benchWords.overruled}{" "}
      {overruled.lookId === null
        ? sayWith(benchWords.forTheClient, { client: judging.client })
        : benchWords.forThisLook}
      : {overruled.reason}{" "}
      {may && <TextButton onClick={() => judging.onWithdraw(overruled.id)}>{benchWords.withdraw}</TextButton>}
    </p>
  );
}

interface FiguresProps {
  readonly finding: Finding;
  readonly judging: Judging;
  /** Opens the overruling; null where there is nothing to overrule. */
  readonly onOverrule: (() => void) | null;
}

/** The measured figures with their limits and units, and the rule itself: both behind one press. */
function Figures({ finding, judging, onOverrule }: FiguresProps) {
  const unit = useLengthUnit();
  const [open, setOpen] = useState(false);
  const figures = Object.values(finding.figures).map((figure) => {
    const limit = sayLimit(figure, unit);
    return `${figure.label} ${sayValue(figure.value, figure.unit, unit)}${limit ? ` ${sayWith(benchWords.rightWouldBe, { limit })}` : ""}`;
  });
  const needs = finding.needs.map((name) => measurements[name].label.toLowerCase());
  const line = [
    ...figures,
    ...(needs.length > 0 ? [sayWith(benchWords.needs, { needs: needs.join(", ") })] : []),
    ...(finding.estimated ? ["estimated"] : []),
  ];
  return (
    <div className="text-tiny text-ink-soft">
      <p className="flex flex-wrap gap-x-3">
        <TextButton aria-expanded={open} onClick={() => setOpen(!open)} className="min-h-6 text-left">
          {benchWords.figures}
        </TextButton>
        {onOverrule && (
          <TextButton onClick={onOverrule} className="min-h-6 text-left">
            {benchWords.overrule}
          </TextButton>
        )}
      </p>
      {open && (
        <>
          {line.length > 0 && <p className="tabular mt-0.5">{line.join("; ")}</p>}
          <RuleNote rule={finding.rule} book={judging.book} href={judging.hrefOf(finding.rule)} />
        </>
      )}
    </div>
  );
}
