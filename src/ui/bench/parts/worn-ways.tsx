"use client";

import { adjustmentOn, optionsAmong, type Adjustment } from "@/core/piece/adjustment";
import type { AdjustmentKind } from "@/core/piece/adjustments";
import { wornSo } from "@/core/reading/change";
import { benchWords } from "@/words/bench";
import { sayWith } from "@/words/say";
import { useLengthUnit } from "../../kit/length-unit";
import { Toggle } from "../../kit/toggle";
import { sayWay } from "../words/change-words";
import { useDesk } from "../state/desk/use-desk";

/** Every way of some kinds in which what is worn can be worn otherwise, a row for each piece; the figure shows it at a touch. */
export function WornWays({ kinds }: { readonly kinds: readonly AdjustmentKind[] }) {
  const unit = useLengthUnit();
  const { look, steps } = useDesk();
  const worn = [...look.garments, ...look.accessories];
  const rows = worn.flatMap((piece) => {
    const ways: readonly Adjustment[] = kinds.flatMap((kind): readonly Adjustment[] =>
      optionsAmong(kind, piece, worn),
    );
    return ways.length > 0 ? [{ piece, ways }] : [];
  });
  return rows.map(({ piece, ways }) => (
    <div
      key={piece.id}
      role="group"
      aria-label={sayWith(benchWords.howPieceIsWorn, { piece: piece.name })}
      className="grid gap-1"
    >
      <span className="text-tiny text-ink-soft">{piece.name}</span>
      <div className="flex flex-wrap gap-1">
        {ways.map((way) => {
          const on = isDone(look.adjustments, way);
          const change = wornSo(way);
          return (
            <span
              key={JSON.stringify(way)}
              onPointerEnter={() => steps.tryOut(on ? null : change)}
              onPointerLeave={() => steps.tryOut(null)}
            >
              <Toggle
                on={on}
                hint={sayWay(way, on ? "undoing" : "doing", unit, piece.name)}
                onChange={() => steps.change(on ? { kind: "undo", way: way.kind, piece: piece.id } : change)}
              >
                {sayWay(way, "done", unit, "")}
              </Toggle>
            </span>
          );
        })}
      </div>
    </div>
  ));
}

function isDone(adjustments: readonly Adjustment[], way: Adjustment): boolean {
  const done = adjustmentOn(adjustments, way.kind, way.piece);
  if (!done) return false;
  const settings: Readonly<Record<string, unknown>> = done;
  return Object.entries(way).every(([name, value]) => settings[name] === value);
}
