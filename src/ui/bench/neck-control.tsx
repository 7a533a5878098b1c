"use client";

import type { Dressed } from "@/core/dressing/dressed";
import { sayLength } from "@/core/length/length";
import { isDoubled } from "@/core/piece/adjustment";
import type { Change } from "@/core/reading/change";
import { useLengthUnit } from "../kit/length-unit";

interface NeckControlProps {
  readonly dressed: Dressed;
  readonly onChange: (change: Change) => void;
}

/** Each necklace with its drop, single or doubled. */
export function NeckControl({ dressed, onChange }: NeckControlProps) {
  const unit = useLengthUnit();
  const { necklaces } = dressed.neck;
  if (necklaces.length === 0) return <p className="text-ink-soft">No necklace is on.</p>;
  return (
    <ul className="grid gap-1">
      {necklaces.map(({ necklace, lowest }) => {
        const doubled = isDoubled(dressed.look.adjustments, necklace.id);
        return (
          <li key={necklace.id} className="tabular flex items-center justify-between gap-2">
            <span className="min-w-0 truncate">
              {necklace.name}, {sayLength(lowest, unit)}
            </span>
            <button
              type="button"
              aria-pressed={doubled}
              onClick={() => onChange({ kind: doubled ? "undouble" : "double", piece: necklace.id })}
              className={`h-7 border border-rule-strong px-2 ${doubled ? "bg-ink text-paper" : "bg-paper hover:bg-well"}`}
            >
              Doubled
            </button>
          </li>
        );
      })}
    </ul>
  );
}
