"use client";

import { Popover } from "radix-ui";
import { useMemo, useState } from "react";
import { metalNames } from "@/core/finish/metals";
import { slotOf } from "@/core/piece/piece";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { Button } from "../../kit/button";
import { overPage } from "../../kit/over-page";
import { Select } from "../../kit/select";
import { owners, rests } from "../state/desk/bench-store";
import { useBenchState, useDesk } from "../state/desk/use-desk";
import { familiesOf } from "../state/narrowed";

/** Only the client's own pieces or the studio's, one colour, one metal: of those there are for this station. */
export function Narrow() {
  const { steps } = useDesk();
  const [open, setOpen] = useState(false);
  const { whose, family, metal, rest } = useBenchState((state) => state);
  const chosen = [whose, family, metal, rest && sayWith(benchWords.notWorn, { rest })].filter(
    (each) => each !== null,
  );
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger asChild>
        <Button size="tiny" aria-pressed={chosen.length > 0} className="shrink-0">
          {chosen.length > 0 ? sayWith(benchWords.only, { chosen: chosen.join(", ") }) : benchWords.narrow}
        </Button>
      </Popover.Trigger>
      <Popover.Portal container={open ? overPage(null) : null}>
        <Popover.Content
          aria-label={benchWords.narrowTheTray}
          align="start"
          side="top"
          sideOffset={6}
          className="z-40 grid w-60 gap-3 border border-rule-strong bg-paper p-3 shadow-md"
        >
          <EachOnly />
          <Button
            size="small"
            disabled={chosen.length === 0}
            onClick={() => steps.onlyOf({ whose: null, family: null, metal: null, rest: null })}
          >
            {benchWords.showAllOfThem}
          </Button>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** Everything by which the tray can be narrowed, as far as what there is for this station differs in it. */
function EachOnly() {
  const { source, steps } = useDesk();
  const { active, whose, family, metal, rest } = useBenchState((state) => state);
  const here = useMemo(() => source.pieces.filter((piece) => slotOf(piece) === active), [source, active]);
  const families = useMemo(() => [...new Set(here.flatMap(familiesOf))].sort(), [here]);
  const metals = metalNames.filter(
    (name) => name !== "none" && name !== "unknown" && here.some((piece) => piece.metal === name),
  );
  return (
    <>
      <Only
        label={benchWords.whose}
        names={owners}
        value={whose}
        all={benchWords.everybodys}
        onChange={(one) => steps.onlyOf({ whose: one })}
      />
      <Only
        label={benchWords.colour}
        names={families}
        value={family}
        all={benchWords.anyColour}
        onChange={(one) => steps.onlyOf({ family: one })}
      />
      <Only
        label={benchWords.metal}
        names={metals}
        value={metal}
        all={benchWords.anyMetal}
        onChange={(one) => steps.onlyOf({ metal: one })}
      />
      <Only
        label={benchWords.notWornLabel}
        names={rests}
        value={rest}
        all={benchWords.wornOrNot}
        onChange={(one) => steps.onlyOf({ rest: one })}
      />
    </>
  );
}

interface OnlyProps<T extends string> {
  readonly label: string;
  readonly names: readonly T[];
  readonly value: T | null;
  /** What it says where nothing is chosen. */
  readonly all: string;
  readonly onChange: (only: T | null) => void;
}

/** One thing by which the tray is narrowed; left out where there is nothing to choose between. */
function Only<T extends string>({ label, names, value, all, onChange }: OnlyProps<T>) {
  if (names.length < 2) return null;
  return (
    <div>
      <span aria-hidden="true" className="text-tiny text-ink-soft">
        {label}
      </span>
      <Select
        label={label}
        value={value ?? ""}
        options={[{ id: "", name: all }, ...names.map((name) => ({ id: name, name }))]}
        onChange={(id) => onChange(names.find((name) => name === id) ?? null)}
      />
    </div>
  );
}
