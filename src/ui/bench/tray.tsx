"use client";

import { slotLabels } from "@/core/piece/slots";
import { Button } from "../kit/button";
import { Segments } from "../kit/segments";
import { Candidates } from "./candidates";
import { trayFilters } from "./desk/bench-store";
import { useBenchState, useDesk } from "./desk/use-desk";
import { EditPass } from "./edit-pass";
import { WholeSets } from "./whole-sets";

/** What could be put on: candidates for the station, the edit pass, or whole sets. */
export function Tray() {
  const tray = useBenchState((state) => state.tray);
  return (
    <section aria-label="Tray" className="col-span-2 flex min-h-0 flex-col border-t border-rule-strong bg-well md:col-span-1">
      {tray === "candidates" && (
        <>
          <CandidatesHead />
          <Candidates />
        </>
      )}
      {tray === "edit pass" && (
        <>
          <h2 className="px-4 pt-1.5 pb-1 text-body">Edit pass</h2>
          <EditPass />
        </>
      )}
      {tray === "whole sets" && <WholeSets />}
    </section>
  );
}

function CandidatesHead() {
  const { answers, steps } = useDesk();
  const active = useBenchState((state) => state.active);
  const filter = useBenchState((state) => state.filter);
  return (
    <div className="flex items-center gap-3 px-4 pt-1.5 pb-1">
      <h2 className="text-body">{slotLabels[active]}</h2>
      <span className="tabular text-tiny text-ink-soft" aria-live="polite">
        {answers.fresh ? `${answers.candidates.length} to choose from, the best first` : "reading ..."}
      </span>
      <Segments
        label="Show"
        size="tiny"
        apart
        value={filter}
        onChange={steps.filterBy}
        segments={trayFilters.map((name) => ({ value: name, shown: name }))}
      />
      <Button size="tiny" onClick={() => steps.lay("whole sets")}>
        whole sets
      </Button>
      <Button size="tiny" onClick={() => steps.lay("edit pass")}>
        edit pass
      </Button>
      <span className="ml-auto hidden text-tiny text-ink-soft [@media(pointer:coarse)]:inline">
        Tap to see it on the figure, tap again to put it on
      </span>
      <span className="ml-auto hidden text-tiny text-ink-soft lg:inline [@media(pointer:coarse)]:hidden">
        &uarr;&darr; station &nbsp; &larr;&rarr; candidate &nbsp; Enter puts on &nbsp; Backspace takes off
        &nbsp; ? all keys
      </span>
    </div>
  );
}
