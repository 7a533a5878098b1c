"use client";

import { bySeverity } from "@/core/reading/severity";
import { phrase } from "@/core/reading/phrase";
import { markOf } from "@/core/reading/verdict";
import { differing, lookIf, whatIfs } from "@/core/reading/what-if";
import type { Finding } from "@/core/rules/finding";
import { capital } from "@/core/words/called";
import { keyOfAction } from "@/core/studio/shortcuts";
import { benchWords } from "@/words/bench";
import { sayWith } from "@/words/say";
import { useLengthUnit } from "../../kit/length-unit";
import { Mark, wordOf } from "../../kit/marks";
import { useShortcuts } from "../../kit/shortcuts";
import { TextButton } from "../../kit/text-button";
import { Toggle } from "../../kit/toggle";
import { Unfold } from "../../kit/unfold";
import { benchAction } from "../state/desk/actions";
import { useBenchState, useDesk } from "../state/desk/use-desk";
import { sayWithout } from "./layers-row";
import { whatIfNames } from "../words/what-if-names";

/** What may turn out otherwise: one press each, and what would then be said of the look. */
export function WhatIfRow() {
  const { look, steps } = useDesk();
  const { shortcuts } = useShortcuts();
  const now = useBenchState((state) => state.whatIf);
  return (
    <div className="border-b border-rule px-4 py-1">
      <Unfold summary={benchWords.whatIf} summaryClass="touch:min-h-11 touch:py-3">
        <div className="flex flex-wrap items-center gap-1 pt-1 pb-0.5">
          {whatIfs
            .filter((whatIf) => whatIf === now || lookIf(look, whatIf) !== null)
            .map((whatIf) => (
              <Toggle
                key={whatIf}
                on={whatIf === now}
                onChange={() => steps.suppose(whatIf)}
                hint={keyOfAction(benchAction(`what-if-${whatIf}`), shortcuts)}
                className="h-6 px-1.5 text-tiny touch:h-11"
              >
                {whatIfNames[whatIf]}
              </Toggle>
            ))}
        </div>
      </Unfold>
    </div>
  );
}

/** What would change: the verdict from and to, what would be said anew, and what no longer. */
export function WhatWouldChange() {
  const { otherwise, reading, layers, steps } = useDesk();
  const whatIf = useBenchState((state) => state.whatIf);
  const off = useBenchState((state) => state.layersOff);
  const taken = layers[off]?.off ?? [];
  if (!otherwise || (!whatIf && taken.length === 0)) return null;
  const { comes, goes } = differing(otherwise, reading);
  return (
    <section aria-label={benchWords.whatWouldChange} className="mt-3 border border-ink bg-white p-3">
      <h2 className="text-body">
        {capital(
          whatIf ? sayWith(benchWords.whatIfWords, { whatIf: whatIfNames[whatIf] }) : sayWithout(taken),
        )}
      </h2>
      <p className="tabular mb-1 flex items-center gap-1.5">
        {[otherwise, reading].map((each, i) => (
          <span key={i} className="flex items-center gap-1.5">
            {i === 1 && <span aria-hidden="true">{benchWords.becomes}</span>}
            <Mark of={each.verdict} className="size-4" />
            {wordOf(each.verdict)} {markOf(each)}
          </span>
        ))}
      </p>
      <TextButton onClick={() => (whatIf ? steps.suppose(whatIf) : steps.layersOff(0))}>
        {benchWords.asItIs}
      </TextButton>
      {comes.length + goes.length === 0 && <p className="text-ink-soft">{benchWords.nothingElseIsSaid}</p>}
      <Said findings={comes} />
      {goes.length > 0 && (
        <>
          <h3 className="mt-2 text-tiny text-ink-soft">{benchWords.noLongerSo}</h3>
          <Said findings={goes} isGone />
        </>
      )}
    </section>
  );
}

function Said({
  findings,
  isGone = false,
}: {
  readonly findings: readonly Finding[];
  readonly isGone?: boolean;
}) {
  const unit = useLengthUnit();
  return (
    <ul>
      {[...findings].sort(bySeverity).map((finding, i) => (
        <li key={i} className={`flex gap-2 py-0.5 ${isGone ? "text-ink-soft" : ""}`}>
          <Mark of={finding.effect} className="mt-0.5 size-4 shrink-0" />
          <span className="sr-only">{wordOf(finding.effect)}:</span>
          {phrase(finding, unit)}
        </li>
      ))}
    </ul>
  );
}
