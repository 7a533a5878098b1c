"use client";

import { NuqsAdapter } from "nuqs/adapters/next/app";
import type { ReactNode } from "react";
import type { LengthUnit } from "@/core/length/length";
import type { Shortcuts } from "@/core/studio/shortcuts";
import { HintProvider } from "../kit/hint";
import { LengthUnitProvider } from "../kit/length-unit";
import { ShortcutsProvider, type SaveShortcuts } from "../kit/shortcuts";

interface ProvidersProps {
  readonly unit: LengthUnit;
  readonly shortcuts: Shortcuts;
  readonly saveShortcuts: SaveShortcuts;
  readonly children: ReactNode;
}

/** What every place of the studio takes for granted: its unit, the person's keys, hints, state in the address. */
export function Providers({ unit, shortcuts, saveShortcuts, children }: ProvidersProps) {
  return (
    <NuqsAdapter>
      <LengthUnitProvider unit={unit}>
        <ShortcutsProvider kept={shortcuts} save={saveShortcuts}>
          <HintProvider delayDuration={400}>{children}</HintProvider>
        </ShortcutsProvider>
      </LengthUnitProvider>
    </NuqsAdapter>
  );
}
