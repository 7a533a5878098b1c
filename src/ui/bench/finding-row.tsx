"use client";

import { phrase, sayLimit, sayValue } from "@/core/reading/phrase";
import type { Change } from "@/core/reading/change";
import type { Remedy } from "@/core/reading/remedies";
import type { Piece } from "@/core/piece/piece";
import { measurements } from "@/core/body/measurements";
import type { Finding } from "@/core/rules/finding";
import { ruleOf } from "@/core/rules/registry";
import { useLengthUnit } from "../kit/length-unit";
import { Mark, wordOf } from "../kit/marks";
import { sayChange } from "./change-words";

interface FindingRowProps {
  readonly finding: Finding;
  readonly remedies: readonly Remedy[];
  readonly named: (id: string) => Piece | undefined;
  readonly onApply: (change: Change) => void;
}

/** One finding: its mark and sentence, its figures with their limits, why, and what would mend it. */
export function FindingRow({ finding, remedies, named, onApply }: FindingRowProps) {
  const unit = useLengthUnit();
  const grave = finding.effect === "jars" || finding.effect === "bar";
  return (
    <li className="grid grid-cols-[1.25rem_minmax(0,1fr)] gap-x-2 py-1.5">
      <span title={wordOf(finding.effect)} className={grave ? "text-thread" : "text-ink-soft"}>
        <Mark of={finding.effect} className="mt-0.5 size-4.5" />
        <span className="sr-only">{wordOf(finding.effect)}:</span>
      </span>
      <div className="min-w-0">
        <p className={grave ? "font-medium" : ""}>{phrase(finding, unit)}</p>
        <Figures finding={finding} />
        {finding.caution && <p className="mt-0.5 text-tiny font-medium">Caution: {finding.caution}</p>}
        {remedies.length > 0 && (
          <div className="mt-1.5 flex flex-wrap gap-1.5">
            {remedies.map((remedy, i) => (
              <button
                key={i}
                type="button"
                onClick={() => onApply(remedy.change)}
                className="min-h-7 max-w-full border border-rule-strong bg-white px-2 py-0.5 text-left hover:bg-well"
              >
                {sayChange(remedy.change, unit, named)}{" "}
                <span className="tabular whitespace-nowrap text-ink-soft">
                  {Math.round(remedy.before)} &rarr; {Math.round(remedy.after)}
                </span>
              </button>
            ))}
          </div>
        )}
      </div>
    </li>
  );
}

/** The measured figures, their limits and units, and the reason behind a disclosure. */
function Figures({ finding }: { readonly finding: Finding }) {
  const unit = useLengthUnit();
  const rule = ruleOf(finding.rule);
  const figures = Object.values(finding.figures).map((figure) => {
    const limit = sayLimit(figure, unit);
    return `${figure.label} ${sayValue(figure.value, figure.unit, unit)}${limit ? ` (right: ${limit})` : ""}`;
  });
  const needs = finding.needs.map((name) => measurements[name].label.toLowerCase());
  const line = [
    ...figures,
    ...(needs.length > 0 ? [`needs ${needs.join(", ")}`] : []),
    ...(finding.estimated ? ["estimated"] : []),
  ];
  return (
    <details className="text-tiny text-ink-soft">
      <summary className="tabular list-none [&::-webkit-details-marker]:hidden">
        {line.join("; ")}
        {line.length > 0 && "; "}
        <span className="underline decoration-rule-strong underline-offset-2">why</span>
      </summary>
      <p className="mt-1 mb-1 border-l-2 border-rule pl-2">
        <span className="font-medium text-ink">{rule?.title}.</span> {rule?.why}
      </p>
    </details>
  );
}
