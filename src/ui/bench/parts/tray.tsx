"use client";

import { slotLabels } from "@/core/piece/slots";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { Button } from "../../kit/button";
import { Hint } from "../../kit/hint";
import { Segments } from "../../kit/segments";
import { Candidates } from "./candidates";
import { trayFilters } from "../state/desk/bench-store";
import { useBenchState, useDesk } from "../state/desk/use-desk";
import { EditPass } from "./edit-pass";
import { Narrow } from "./narrow";
import { NotHere } from "./not-here";
import { WholeSets } from "./whole-sets";

/** What could be put on: candidates for the station, the edit pass, or whole sets. */
export function Tray() {
  const tray = useBenchState((state) => state.tray);
  return (
    <section
      aria-label={benchWords.tray}
      className="flex min-h-0 flex-col border-t border-rule-strong bg-well"
    >
      {tray === "candidates" && (
        <>
          <CandidatesHead />
          <Candidates />
          <NotHere />
        </>
      )}
      {tray === "edit pass" && (
        <>
          <h2 className="px-4 pt-1.5 pb-1 text-body">{benchWords.editPassLabel}</h2>
          <EditPass />
        </>
      )}
      {tray === "whole sets" && <WholeSets />}
    </section>
  );
}

/** What the tray holds, and how it is narrowed down. */
function CandidatesHead() {
  const { source, answers, steps } = useDesk();
  const active = useBenchState((state) => state.active);
  const filter = useBenchState((state) => state.filter);
  const cursor = useBenchState((state) => state.cursor);
  const at = cursor === null ? undefined : answers.candidates[cursor];
  return (
    <div className="flex shrink-0 flex-wrap items-center gap-x-2.5 px-4 pt-1.5 pb-1 sm:flex-nowrap">
      <h2 className="text-body">{slotLabels[active]}</h2>
      <span className="tabular text-tiny whitespace-nowrap text-ink-soft" aria-live="polite">
        {answers.fresh
          ? sayWith(benchWords.toChooseFromBestFirst, { candidatesCount: answers.candidates.length })
          : benchWords.readingAhead}
      </span>
      {/* Where there is no room the filters give way; the buttons stay in sight. */}
      <span className="-my-1 flex min-w-0 flex-1 items-center gap-x-2.5 overflow-x-auto px-0.5 py-1">
        <span className="shrink-0">
          <Segments
            label={benchWords.show}
            size="tiny"
            apart
            value={filter}
            onChange={steps.filterBy}
            segments={trayFilters.map((name) => ({ value: name, shown: name }))}
          />
        </span>
        <Narrow />
      </span>
      <span className="flex shrink-0 gap-1.5">
        <Button
          size="tiny"
          disabled={at === undefined || at.worn}
          aria-label={benchWords.noBecause}
          onClick={() => at && steps.refuse(at.pieceId)}
        >
          <span className="2xl:hidden">{benchWords.noAndWhy}</span>
          <span className="hidden 2xl:inline">{benchWords.noBecause}</span>
        </Button>
        {source.kept && (
          <Hint words={benchWords.notOnTheRailYet}>
            <Button size="tiny" onClick={() => steps.open("write")}>
              {benchWords.writeIt}
            </Button>
          </Hint>
        )}
        <Hint words={benchWords.whatWholeSetsAre}>
          <Button size="tiny" onClick={() => steps.lay("whole sets")}>
            {benchWords.wholeSets}
          </Button>
        </Hint>
        <Hint words={benchWords.whatTheEditPassIs}>
          <Button size="tiny" onClick={() => steps.lay("edit pass")}>
            {benchWords.editPass}
          </Button>
        </Hint>
      </span>
    </div>
  );
}
