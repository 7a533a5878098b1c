"use client";

import { useTransition } from "react";
import { toast } from "sonner";
import { lengthUnits, type LengthUnit } from "@/core/length/length";
import type { Outcome } from "@/core/schema/outcome";

export interface UnitSwitchProps {
  readonly unit: LengthUnit;
  readonly save: (input: { unit: LengthUnit }) => Promise<Outcome<null>>;
}

/** Whether the studio reads cm or inches. */
export function UnitSwitch({ unit, save }: UnitSwitchProps) {
  const [busy, start] = useTransition();
  const choose = (next: LengthUnit) =>
    start(async () => {
      const outcome = await save({ unit: next }).catch(() => null);
      if (!outcome?.ok) toast("The unit was not changed: the studio's server does not answer.");
    });
  return (
    <div role="group" aria-label="Unit of length" className="flex" aria-busy={busy}>
      {lengthUnits.map((name) => (
        <button
          key={name}
          type="button"
          aria-pressed={name === unit}
          onClick={() => choose(name)}
          className={`h-7 min-w-8 border border-rule-strong px-2 first:border-r-0 ${name === unit ? "bg-ink text-paper" : "bg-paper text-ink hover:bg-well"}`}
        >
          {name}
        </button>
      ))}
    </div>
  );
}
