"use client";

import type { Piece } from "@/core/piece/piece";
import { called, capital, listed } from "@/core/words/called";
import { benchWords } from "@/words/bench";
import { sayWith } from "@/words/say";
import { Mark } from "../../kit/marks";
import { Segments } from "../../kit/segments";
import { useBenchState, useDesk } from "../state/desk/use-desk";

/** The look through the day, with its layers on and off: how it stands each way, and the figure so at a press. */
export function LayersRow() {
  const { layers, steps } = useDesk();
  const off = useBenchState((state) => state.layersOff);
  if (layers.length < 2) return null;
  return (
    <div className="border-b border-rule px-4 py-1">
      <Segments
        label={benchWords.layersOfTheDay}
        size="tiny"
        apart
        value={String(off)}
        onChange={(value) => steps.layersOff(Number(value))}
        segments={layers.map(({ off: taken, standing }, i) => ({
          value: String(i),
          shown: (
            <span className="flex items-center gap-1 touch:min-h-9">
              <Mark of={standing.verdict} className="size-3.5" />
              {taken.length === 0 ? benchWords.withEverything : sayWithout(taken)}
            </span>
          ),
          name: `${capital(taken.length === 0 ? benchWords.withEverything : sayWithout(taken))}, ${standing.verdict}`,
        }))}
      />
    </div>
  );
}

/** "without the raincoat and the blazer" */
export function sayWithout(taken: readonly Piece[]): string {
  return sayWith(benchWords.withoutLayers, { layers: listed(taken.map(({ name }) => called(name))) });
}
