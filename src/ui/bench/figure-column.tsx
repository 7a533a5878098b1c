"use client";

import { useState } from "react";
import type { Dressed } from "@/core/dressing/dressed";
import type { TurnUpAnswer } from "@/core/reading/turn-ups";
import type { Change } from "@/core/reading/change";
import { AnkleWindow } from "../drawing/ankle/ankle-window";
import { describeLook } from "../drawing/describe";
import { Figure } from "../drawing/figure/figure";
import { useLengthUnit } from "../kit/length-unit";
import { HemControl } from "./hem-control";

const surrounds = ["light", "middle", "dark"] as const;

interface FigureColumnProps {
  readonly dressed: Dressed;
  readonly turnUp: TurnUpAnswer | null;
  readonly onChange: (change: Change) => void;
  /** A plate was dropped on the figure: the id of its piece. */
  readonly onDrop: (pieceId: string) => void;
}

/** The body with the look on it, to scale, the ankle at four times the scale, and what is done to the hem. */
export function FigureColumn({ dressed, turnUp, onChange, onDrop }: FigureColumnProps) {
  const unit = useLengthUnit();
  const [surround, setSurround] = useState<(typeof surrounds)[number]>("light");
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
      <Figure
        dressed={dressed}
        unit={unit}
        label={describeLook(dressed, unit)}
        className="h-full min-h-0 w-full"
      />
      <div className="flex min-h-0 flex-col border-l border-(--figure-rule)/40">
        <AnkleWindow dressed={dressed} unit={unit} className="min-h-0 w-full flex-1" />
        <HemControl dressed={dressed} turnUp={turnUp} onChange={onChange} />
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
      </div>
    </section>
  );
}
