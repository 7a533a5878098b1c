"use client";

import { useMemo } from "react";
import { metalNames } from "@/core/finish/metals";
import { slotOf } from "@/core/piece/piece";
import { slotLabels } from "@/core/piece/slots";
import { Button } from "../kit/button";
import { Segments } from "../kit/segments";
import { Select } from "../kit/select";
import { Candidates } from "./candidates";
import { trayFilters } from "./desk/bench-store";
import { useBenchState, useDesk } from "./desk/use-desk";
import { EditPass } from "./edit-pass";
import { familiesOf } from "./narrowed";
import { stationsId } from "./stations";
import { WholeSets } from "./whole-sets";

/** What could be put on: candidates for the station, the edit pass, or whole sets. */
export function Tray() {
  const tray = useBenchState((state) => state.tray);
  return (
    <section aria-label="Tray" className="flex min-h-0 flex-col border-t border-rule-strong bg-well">
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

/** What the tray holds, and how it is narrowed down. */
function CandidatesHead() {
  const { answers, steps } = useDesk();
  const active = useBenchState((state) => state.active);
  const filter = useBenchState((state) => state.filter);
  return (
    <div className="flex shrink-0 items-center gap-x-2.5 overflow-x-auto px-4 pt-1.5 pb-1">
      <h2 className="text-body">{slotLabels[active]}</h2>
      <span className="tabular text-tiny whitespace-nowrap text-ink-soft" aria-live="polite">
        {answers.fresh ? `${answers.candidates.length} to choose from, best first` : "reading ..."}
      </span>
      <span className="shrink-0">
        <Segments
          label="Show"
          size="tiny"
          apart
          value={filter}
          onChange={steps.filterBy}
          segments={trayFilters.map((name) => ({ value: name, shown: name }))}
        />
      </span>
      <Narrow />
      <span className="ml-auto flex shrink-0 gap-1.5">
        <Button size="tiny" onClick={() => steps.lay("whole sets")}>
          whole sets
        </Button>
        <Button size="tiny" onClick={() => steps.lay("edit pass")}>
          edit pass
        </Button>
      </span>
    </div>
  );
}

const any = "any";

/** Only one colour, only one metal: of those that are on the rail for this station. */
function Narrow() {
  const { source, steps } = useDesk();
  const active = useBenchState((state) => state.active);
  const family = useBenchState((state) => state.family);
  const metal = useBenchState((state) => state.metal);
  const here = useMemo(() => source.pieces.filter((piece) => slotOf(piece) === active), [source, active]);
  const families = useMemo(() => [...new Set(here.flatMap(familiesOf))].sort(), [here]);
  const metals = metalNames.filter(
    (name) => name !== "none" && name !== "unknown" && here.some((piece) => piece.metal === name),
  );
  const optionsOf = (names: readonly string[], all: string) => [
    { id: any, name: all },
    ...names.map((name) => ({ id: name, name })),
  ];
  const chosen = <T extends string>(names: readonly T[], id: string) =>
    names.find((name) => name === id) ?? null;
  return (
    <>
      {families.length > 1 && (
        <span className="w-26 shrink-0">
          <Select
            label="Colour"
            value={family ?? any}
            options={optionsOf(families, "any colour")}
            onChange={(id) => steps.onlyOf({ family: chosen(families, id) })}
            className="text-tiny"
            focusAfter={stationsId}
          />
        </span>
      )}
      {metals.length > 1 && (
        <span className="w-24 shrink-0">
          <Select
            label="Metal"
            value={metal ?? any}
            options={optionsOf(metals, "any metal")}
            onChange={(id) => steps.onlyOf({ metal: chosen(metals, id) })}
            className="text-tiny"
            focusAfter={stationsId}
          />
        </span>
      )}
    </>
  );
}
