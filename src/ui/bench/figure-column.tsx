"use client";

import { useDroppable } from "@dnd-kit/core";
import { useMemo, useState } from "react";
import type { LightName } from "@/core/colour/light";
import { dress } from "@/core/dressing/dress";
import type { Slot } from "@/core/piece/slots";
import { lookUnder } from "@/core/reading/relit";
import { ColourDialog } from "../colour/colour-dialog";
import { PaletteStrip } from "../colour/palette-strip";
import { AnkleWindow } from "../drawing/ankle/ankle-window";
import { describeLook } from "../drawing/describe";
import { Figure } from "../drawing/figure/figure";
import { NeckWindow } from "../drawing/neck/neck-window";
import { useLengthUnit } from "../kit/length-unit";
import { TextButton } from "../kit/text-button";
import { Toggle } from "../kit/toggle";
import { useBenchState, useDesk } from "./desk/use-desk";
import { WornControls } from "./worn-controls";
import { Segments } from "../kit/segments";

const surrounds = ["light", "middle", "dark"] as const;
type Surround = (typeof surrounds)[number];

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

/** Where a plate is let go to be put on. */
export const figureDrop = "figure";

/** The body with the look on it, to scale; the ankle or the neck enlarged; and what is done to the pieces there. */
export function FigureColumn() {
  const unit = useLengthUnit();
  const { source, dressed, steps } = useDesk();
  const active = useBenchState((state) => state.active);
  const { setNodeRef, isOver } = useDroppable({ id: figureDrop });
  const [surround, setSurround] = useState<Surround>("light");
  const [light, setLight] = useState<LightName>("daylight");
  const [colours, setColours] = useState(false);
  const lit = useMemo(
    () => (light === "daylight" ? dressed : dress(lookUnder(dressed.look, light))),
    [dressed, light],
  );
  const Window = atNeck.has(active) ? NeckWindow : AnkleWindow;
  return (
    <section
      ref={setNodeRef}
      aria-label="Figure"
      className={`surround-${surround} relative grid min-h-0 grid-cols-[minmax(0,5fr)_minmax(0,7fr)] border-r border-rule-strong ${isOver ? "basted" : ""}`}
    >
      <div className="flex min-h-0 flex-col">
        <Figure
          dressed={lit}
          unit={unit}
          label={describeLook(dressed, unit)}
          className="min-h-0 w-full flex-1"
        />
        <PaletteStrip dressed={lit} onOpen={() => setColours(true)} />
      </div>
      <div className="flex min-h-0 flex-col border-l border-(--figure-rule)/40">
        <Window dressed={lit} unit={unit} className="min-h-0 w-full flex-1" />
        <div className="border-t border-(--figure-rule)/40 bg-paper p-2 text-tiny text-ink">
          <WornControls active={active} />
          {source.kept && (
            <TextButton className="mt-1.5" onClick={() => steps.open("fact")}>
              Put a figure, level or colour right
            </TextButton>
          )}
        </div>
      </div>
      <div className="absolute top-2 left-2 flex gap-2">
        <Surrounds shown={surround} onShow={setSurround} />
        <Toggle
          on={light === "evening"}
          onChange={(on) => setLight(on ? "evening" : "daylight")}
          hint="Warm evening light"
          className="h-6 px-1.5 text-tiny text-ink"
        >
          lamp
        </Toggle>
      </div>
      {colours && (
        <ColourDialog open onOpenChange={setColours} dressed={dressed} light={light} onLight={setLight} />
      )}
    </section>
  );
}

interface SurroundsProps {
  readonly shown: Surround;
  readonly onShow: (surround: Surround) => void;
}

/** The grey that the figure stands before. */
function Surrounds({ shown, onShow }: SurroundsProps) {
  return (
    <Segments
      label="Surround"
      size="swatch"
      value={shown}
      onChange={onShow}
      segments={surrounds.map((name) => ({
        value: name,
        name: `${name} surround`,
        hint: `${name} surround`,
        shown: <span className={`surround-${name} size-full`} />,
      }))}
    />
  );
}
