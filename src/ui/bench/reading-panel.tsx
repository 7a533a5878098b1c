"use client";

import type { Remedy } from "@/core/reading/remedies";
import { bySeverity } from "@/core/reading/severity";
import type { LensReading, Reading } from "@/core/reading/read";
import { lensLabels, type Finding } from "@/core/rules/finding";
import { useDesk } from "./desk/use-desk";
import { EdgeLine } from "./edge-line";
import { FindingRow } from "./finding-row";
import { IdleUnsaid, OpenQuestions } from "./open-questions";
import { LevelScale } from "./level-scale";
import { RemedyButtons } from "./remedy-buttons";

/** What the rules say: eight gauges, then every finding with its figures and remedies, gravest first. */
export function ReadingPanel() {
  const { reading, standing, judging, refusal, answers, isShown, dressed } = useDesk();
  const { placing, worn } = dressed;
  const fresh = answers.ofThisLook && isShown;
  const remediesOf = (finding: Finding): readonly Remedy[] =>
    fresh
      ? (answers.remedies.mended.find((entry) => reading.findings[entry.finding] === finding)?.remedies ?? [])
      : [];
  const groups = groupsOf(reading);
  return (
    <section aria-label="Reading" className="col-span-2 flex min-h-0 flex-col bg-paper md:col-span-1">
      <Gauges lenses={reading.lenses} />
      <div
        aria-live="polite"
        tabIndex={0}
        role="region"
        aria-label="Findings"
        className="relative min-h-0 flex-1 overflow-y-auto px-4 pb-3"
      >
        {refusal && (
          <p role="alert" className="mt-3 border-l-2 border-thread pl-2">
            {refusal}
          </p>
        )}
        {fresh && <EdgeLine edges={answers.edges} />}
        {fresh && <OpenQuestions open={answers.certainty.open} />}
        {groups.length === 0 && (
          <p className="pt-6 text-ink-soft">
            Nothing to read yet. Choose a station and put on a first piece: shoes decide the most.
          </p>
        )}
        {groups.map(({ lens, findings }) => (
          <div key={lens} className="pt-3">
            <h2 className="text-body">{lensLabels[lens]}</h2>
            {lens === "register" && placing && <LevelScale placing={placing} worn={worn} />}
            <ul>
              {findings.map((finding, i) => (
                <FindingRow
                  key={`${finding.rule}-${i}`}
                  finding={finding}
                  overruled={standing.overruled[reading.findings.indexOf(finding)] ?? null}
                  judging={judging}
                  remedies={remediesOf(finding)}
                />
              ))}
            </ul>
          </div>
        ))}
        {fresh && answers.remedies.alsoBetter.length > 0 && (
          <div className="pt-3">
            <h2 className="text-body">Also better</h2>
            <p className="mb-1.5 text-tiny text-ink-soft">
              These mend nothing above, and the look gains by them.
            </p>
            <RemedyButtons remedies={answers.remedies.alsoBetter} />
          </div>
        )}
        {fresh && <IdleUnsaid idle={answers.certainty.idle} />}
      </div>
    </section>
  );
}

/** Findings by lens; the lens with the gravest finding first, the gravest first within it. */
function groupsOf(reading: Reading) {
  return (
    reading.lenses
      .map(({ lens }) => ({
        lens,
        findings: reading.findings.filter((finding) => finding.lens === lens).sort(bySeverity),
      }))
      // The register says where the look stands even when nothing is to be said against it.
      .filter(({ lens, findings }) => findings.length > 0 || (lens === "register" && reading.level !== null))
      .sort((one, other) => {
        const [a] = one.findings;
        const [b] = other.findings;
        return a && b ? bySeverity(a, b) : other.findings.length - one.findings.length;
      })
  );
}

function Gauges({ lenses }: { readonly lenses: readonly LensReading[] }) {
  return (
    <dl className="grid grid-cols-4 gap-x-4 gap-y-1.5 border-b border-rule px-4 py-2">
      {lenses.map(({ lens, score }) => (
        <div key={lens} className="grid grid-cols-[minmax(0,1fr)_auto] items-baseline gap-x-1">
          <dt className="truncate text-tiny text-ink-soft">{lensLabels[lens]}</dt>
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
    <svg
      viewBox="0 0 100 7"
      preserveAspectRatio="none"
      className="col-span-2 h-1.75 w-full"
      aria-hidden="true"
    >
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
