"use client";

import { NuqsAdapter } from "nuqs/adapters/next/app";
import { setNonce } from "get-nonce";
import { useEffect, type ReactNode } from "react";
import type { LengthUnit } from "@/core/length/length";
import type { Role } from "@/core/studio/roles";
import type { Shortcuts } from "@/core/studio/shortcuts";
import { DraftScope } from "../kit/draft-scope";
import { HintProvider } from "../kit/hint";
import { LengthUnitProvider } from "../kit/length-unit";
import { RoleProvider } from "../kit/role";
import { ShortcutsProvider, type SaveShortcuts } from "../kit/shortcuts";

interface ProvidersProps {
  readonly unit: LengthUnit;
  readonly shortcuts: Shortcuts;
  readonly saveShortcuts: SaveShortcuts;
  /** Whose drafts this browser keeps here. */
  readonly draftsOf: string;
  readonly role: Role;
  readonly children: ReactNode;
}

/** The page's own nonce, for the style sheets that dialogs and menus put on it while they are open. */
function usePageNonce(): void {
  useEffect(() => {
    const script = document.querySelector<HTMLScriptElement>("script[nonce]");
    if (script) setNonce(script.nonce);
  }, []);
}

/** What every place of the studio takes for granted: its unit, the person's keys, hints, state in the address. */
export function Providers({ unit, shortcuts, saveShortcuts, draftsOf, role, children }: ProvidersProps) {
  usePageNonce();
  return (
    <NuqsAdapter>
      <LengthUnitProvider unit={unit}>
        <ShortcutsProvider kept={shortcuts} save={saveShortcuts}>
          <HintProvider delayDuration={400}>
            <DraftScope of={draftsOf}>
              <RoleProvider role={role}>{children}</RoleProvider>
            </DraftScope>
          </HintProvider>
        </ShortcutsProvider>
      </LengthUnitProvider>
    </NuqsAdapter>
  );
}
