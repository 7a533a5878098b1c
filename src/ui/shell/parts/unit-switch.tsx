"use client";

import { useTransition } from "react";
import { lengthUnits, type LengthUnit } from "@/core/length/length";
import type { Outcome } from "@/core/schema/outcome";
import { shellWords } from "@/words/shell";
import { granted } from "../../kit/answer";
import { Segments } from "../../kit/segments";

export interface UnitSwitchProps {
  readonly unit: LengthUnit;
  readonly save: (input: { unit: LengthUnit }) => Promise<Outcome<null>>;
}

/** Whether the studio reads cm or inches. */
export function UnitSwitch({ unit, save }: UnitSwitchProps) {
  const [busy, start] = useTransition();
  const choose = (next: LengthUnit) =>
    start(async () => {
      await granted(() => save({ unit: next }));
    });
  return (
    <div aria-busy={busy}>
      <Segments
        label={shellWords.unitOfLength}
        value={unit}
        onChange={choose}
        segments={lengthUnits.map((name) => ({ value: name, shown: name }))}
      />
    </div>
  );
}
