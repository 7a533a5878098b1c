"use client";

import { useDroppable } from "@dnd-kit/core";
import { useState } from "react";
import type { LightName } from "@/core/colour/light";
import { isKind } from "@/core/piece/piece";
import { canBeTied } from "@/core/piece/tied-scarf";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { ColourDialog } from "../../colour/colour-dialog";
import { PaletteStrip } from "../../colour/palette-strip";
import { describeLook } from "../../drawing/describe";
import { Figure } from "../../drawing/figure/figure";
import { useLengthUnit } from "../../kit/length-unit";
import { Segments } from "../../kit/segments";
import { Toggle } from "../../kit/toggle";
import { surrounds } from "../state/desk/bench-store";
import { useBenchState, useDesk } from "../state/desk/use-desk";
import { useLitLook } from "../state/use-lit-look";

/** Where a plate is let go to be put on. */
export const figureDrop = "figure";

/** The body with the look on it, to scale, before a grey and in a light of her choice; below it the look's colours. */
export function FigureColumn() {
  const unit = useLengthUnit();
  const { dressed, look, steps } = useDesk();
  const lit = useLitLook();
  const light = useBenchState((state) => state.light);
  const surround = useBenchState((state) => state.surround);
  const { setNodeRef, isOver } = useDroppable({ id: figureDrop });
  const [colours, setColours] = useState(false);
  return (
    <section
      ref={setNodeRef}
      aria-label={benchWords.figure}
      className={`surround-${surround} relative flex min-h-0 flex-col border-r border-rule-strong md:row-span-2 ${isOver ? "basted" : ""}`}
    >
      <Figure
        dressed={lit}
        unit={unit}
        label={describeLook(dressed, unit)}
        className="min-h-0 w-full flex-1 pt-2"
      />
      <SeenBy light={light} />
      <PaletteStrip dressed={lit} onOpen={() => setColours(true)} />
      {colours && (
        <ColourDialog
          open
          onOpenChange={setColours}
          dressed={dressed}
          light={light}
          onLight={steps.lightBy}
          onShowInScarf={
            look.accessories.some((piece) => isKind(piece, "scarf") && canBeTied(piece))
              ? (hex) => {
                  setColours(false);
                  steps.wantInScarf(hex);
                }
              : null
          }
        />
      )}
    </section>
  );
}

/** What the figure stands before, and the light on it. */
function SeenBy({ light }: { readonly light: LightName }) {
  const { steps } = useDesk();
  const surround = useBenchState((state) => state.surround);
  return (
    <div className="flex items-center gap-2 px-1.5 pb-1">
      <Segments
        label={benchWords.surround}
        size="swatch"
        value={surround}
        onChange={steps.standBefore}
        segments={surrounds.map((name) => ({
          value: name,
          name: sayWith(benchWords.surroundLabel, { name }),
          hint: sayWith(benchWords.surroundLabel, { name }),
          shown: <span className={`surround-${name} size-full`} />,
        }))}
      />
      <Toggle
        on={light === "evening"}
        onChange={(on) => steps.lightBy(on ? "evening" : "daylight")}
        hint={benchWords.seeItInWarmEvening}
        className="h-6 px-1.5 text-tiny text-ink touch:h-11"
      >
        {benchWords.evening}
      </Toggle>
    </div>
  );
}
