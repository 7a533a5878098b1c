"use client";

import { useMemo, useState } from "react";
import type { LightName } from "@/core/colour/light";
import { dress } from "@/core/dressing/dress";
import { lookUnder } from "@/core/reading/relit";
import type { Look } from "@/core/piece/look";
import type { Dressed } from "@/core/dressing/dressed";
import type { TurnUpAnswer } from "@/core/reading/turn-ups";
import type { Change } from "@/core/reading/change";
import { AnkleWindow } from "../drawing/ankle/ankle-window";
import { describeLook } from "../drawing/describe";
import { Figure } from "../drawing/figure/figure";
import { useLengthUnit } from "../kit/length-unit";
import { NeckWindow } from "../drawing/neck/neck-window";
import type { Slot } from "@/core/piece/slots";
import { ColourDialog } from "../colour/colour-dialog";
import { PaletteStrip } from "../colour/palette-strip";
import { BagControl } from "./bag-control";
import { HemControl } from "./hem-control";
import { NeckControl } from "./neck-control";

const surrounds = ["light", "middle", "dark"] as const;

/** Stations that are looked at in the neck window. */
const atNeck: ReadonlySet<Slot> = new Set([
  "hat",
  "hair",
  "eyewear",
  "earrings",
  "neck",
  "necklace",
  "brooch",
]);

interface FigureColumnProps {
  readonly dressed: Dressed;
  /** The look as it is, whatever is being tried on the figure. */
  readonly look: Look;
  /** The station that is worked on: it decides which window is open. */
  readonly active: Slot;
  readonly turnUp: TurnUpAnswer | null;
  readonly onTailor: () => void;
  /** A change that is looked at before it is made; null to look away. */
  readonly onTry: (change: Change | null) => void;
  readonly onChange: (change: Change) => void;
  /** A plate was dropped on the figure: the id of its piece. */
  readonly onDrop: (pieceId: string) => void;
}

/** The body with the look on it, to scale; the ankle or the neck enlarged; and what is done to the pieces there. */
export function FigureColumn({
  dressed,
  look,
  active,
  turnUp,
  onChange,
  onTailor,
  onTry,
  onDrop,
}: FigureColumnProps) {
  const unit = useLengthUnit();
  const window = atNeck.has(active) ? "neck" : "ankle";
  const [surround, setSurround] = useState<(typeof surrounds)[number]>("light");
  const [light, setLight] = useState<LightName>("daylight");
  const [colours, setColours] = useState(false);
  const lit = useMemo(
    () => (light === "daylight" ? dressed : dress(lookUnder(dressed.look, light))),
    [dressed, light],
  );
  return (
    <section
      aria-label="Figure"
      className={`surround-${surround} relative grid min-h-0 grid-cols-[minmax(0,5fr)_minmax(0,7fr)] border-r border-rule-strong`}
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        const id = event.dataTransfer.getData("text/x-piece");
        if (id) onDrop(id);
      }}
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
        {window === "neck" ? (
          <NeckWindow dressed={lit} unit={unit} className="min-h-0 w-full flex-1" />
        ) : (
          <AnkleWindow dressed={lit} unit={unit} className="min-h-0 w-full flex-1" />
        )}
        <div className="border-t border-(--figure-rule)/40 bg-paper p-2 text-tiny text-ink">
          {active === "bag" && <BagControl dressed={dressed} look={look} onChange={onChange} onTry={onTry} />}
          {window === "neck" && <NeckControl dressed={dressed} onChange={onChange} />}
          {active !== "bag" && window === "ankle" && (
            <HemControl dressed={dressed} turnUp={turnUp} onChange={onChange} onTailor={onTailor} />
          )}
        </div>
      </div>
      <div role="group" aria-label="Surround" className="absolute top-2 left-2 flex">
        {surrounds.map((name) => (
          <button
            key={name}
            type="button"
            aria-pressed={name === surround}
            aria-label={`${name} surround`}
            title={`${name} surround`}
            onClick={() => setSurround(name)}
            className={`surround-${name} size-6 border border-(--figure-rule) ${name === surround ? "basted" : ""}`}
          />
        ))}
        <button
          type="button"
          aria-pressed={light === "evening"}
          title="Warm evening light"
          onClick={() => setLight(light === "evening" ? "daylight" : "evening")}
          className={`ml-2 h-6 border border-(--figure-rule) bg-paper px-1.5 text-tiny text-ink ${light === "evening" ? "basted" : ""}`}
        >
          lamp
        </button>
      </div>
      {colours && (
        <ColourDialog open onOpenChange={setColours} dressed={dressed} light={light} onLight={setLight} />
      )}
    </section>
  );
}
