"use client";

import type { Dressed } from "@/core/dressing/dressed";
import { sayLength } from "@/core/length/length";
import type { Look } from "@/core/piece/look";
import type { Change } from "@/core/reading/change";
import { strapOn } from "@/core/piece/adjustment";
import { carriedAt } from "@/core/strap/carry";
import { waysOf } from "@/core/strap/configure";
import { zoneOf } from "@/core/strap/landing";
import { useLengthUnit } from "../kit/length-unit";

interface BagControlProps {
  readonly dressed: Dressed;
  /** The look as it is, whatever is being tried on the figure. */
  readonly look: Look;
  readonly onChange: (change: Change) => void;
  readonly onTry: (change: Change | null) => void;
}

/** Every way the bag can be carried on this body: its strap then, where it lands, and the figure showing it at a touch. */
export function BagControl({ dressed, look, onChange, onTry }: BagControlProps) {
  const unit = useLengthUnit();
  const { landing, body } = dressed;
  if (!landing) return <p className="p-2 text-tiny text-ink-soft">No bag is on.</p>;
  const { bag } = landing;
  const now = strapOn(look.adjustments, bag.id) ?? { carry: bag.figures.carry, way: "as made" };
  return (
    <div role="group" aria-label="How the bag is carried" className="max-h-36 overflow-y-auto">
      {waysOf(bag.figures).map(({ carry, way, strap }) => {
        const top = carriedAt(body, { ...bag.figures, carry, strap });
        const on = now.carry === carry && now.way === way;
        return (
          <button
            key={`${carry} ${way}`}
            type="button"
            aria-pressed={on}
            onPointerEnter={() => onTry({ kind: "strap", piece: bag.id, carry, way })}
            onPointerLeave={() => onTry(null)}
            onFocus={() => onTry({ kind: "strap", piece: bag.id, carry, way })}
            onBlur={() => onTry(null)}
            onClick={() => onChange({ kind: "strap", piece: bag.id, carry, way })}
            className={`tabular grid w-full grid-cols-[minmax(0,1fr)_auto_5.5rem] gap-2 border border-t-0 border-rule px-2 py-1 text-left first:border-t ${on ? "bg-ink text-paper" : "bg-paper hover:bg-well"}`}
          >
            <span className="truncate">
              {carry}
              {way !== "as made" && `, ${way}`}
            </span>
            <span>{strap > 0 ? sayLength(strap, unit) : ""}</span>
            <span className="text-right">{zoneOf(body, top - bag.figures.height / 2)}</span>
          </button>
        );
      })}
    </div>
  );
}
