"use client";

import { sayLength } from "@/core/length/length";
import { adjustmentOn } from "@/core/piece/adjustment";
import { wornSo } from "@/core/reading/change";
import { benchWords } from "@/words/bench";
import { useLengthUnit } from "../../kit/length-unit";
import { Toggle } from "../../kit/toggle";
import { useDesk } from "../state/desk/use-desk";

/** Each necklace with its drop, single or doubled. */
export function NeckControl() {
  const unit = useLengthUnit();
  const { dressed, steps } = useDesk();
  const { necklaces } = dressed.neck;
  if (necklaces.length === 0) return <p className="text-ink-soft">{benchWords.noNecklaceIsOn}</p>;
  return (
    <ul className="grid grid-cols-[minmax(0,1fr)] gap-1">
      {necklaces.map(({ necklace: { id, name }, lowest }) => (
        <li key={id} className="tabular flex items-center justify-between gap-2">
          <span className="min-w-0 flex-1 leading-tight">
            {name}, {sayLength(lowest, unit)}
          </span>
          <Toggle
            on={adjustmentOn(dressed.look.adjustments, "double", id) !== null}
            onChange={(on) =>
              steps.change(
                on ? wornSo({ kind: "double", piece: id }) : { kind: "undo", way: "double", piece: id },
              )
            }
          >
            {benchWords.doubled}
          </Toggle>
        </li>
      ))}
    </ul>
  );
}
