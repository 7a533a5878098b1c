"use client";

import type { Slot } from "@/core/piece/slots";
import { benchWords } from "@/words/bench";
import { AnkleWindow } from "../../drawing/ankle/ankle-window";
import { NeckWindow } from "../../drawing/neck/neck-window";
import { useLengthUnit } from "../../kit/length-unit";
import { TextButton } from "../../kit/text-button";
import { useBenchState, useDesk } from "../state/desk/use-desk";
import { useLitLook } from "../state/use-lit-look";
import { WornControls } from "./worn-controls";

/** Stations that are looked at in the neck window. */
const atNeck: ReadonlySet<Slot> = new Set([
  "hat",
  "hair",
  "eyewear",
  "earrings",
  "neck",
  "necklace",
  "brooch",
  "pocket",
]);

/** The ankle or the neck enlarged, by the station that is worked on; and what is done to the pieces there. */
export function CloseUp() {
  const unit = useLengthUnit();
  const { source, steps } = useDesk();
  const lit = useLitLook();
  const active = useBenchState((state) => state.active);
  const surround = useBenchState((state) => state.surround);
  const Window = atNeck.has(active) ? NeckWindow : AnkleWindow;
  return (
    <section
      aria-label={benchWords.closeUp}
      className={`surround-${surround} flex min-h-0 flex-col border-r border-rule-strong`}
    >
      <Window dressed={lit} unit={unit} className="min-h-0 w-full flex-1" />
      <div className="max-h-[56%] shrink-0 overflow-y-auto border-t border-(--figure-rule)/40 bg-paper p-2 text-tiny text-ink">
        <WornControls active={active} />
        {source.kept && (
          <TextButton className="mt-1.5" onClick={() => steps.open("fact")}>
            {benchWords.putAFigureLevelOr}
          </TextButton>
        )}
      </div>
    </section>
  );
}
