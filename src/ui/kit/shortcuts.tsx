"use client";

import { createContext, useContext, useState, type ReactNode } from "react";
import { noShortcuts, type Shortcuts } from "@/core/studio/shortcuts";
import type { Outcome } from "@/core/schema/outcome";
import { granted } from "./answer";

export type SaveShortcuts = (shortcuts: Shortcuts) => Promise<Outcome<null>>;

interface KeptShortcuts {
  readonly shortcuts: Shortcuts;
  readonly change: (shortcuts: Shortcuts) => void;
}

const Context = createContext<KeptShortcuts>({ shortcuts: noShortcuts, change: () => undefined });

interface ShortcutsProviderProps {
  readonly kept: Shortcuts;
  readonly save: SaveShortcuts;
  readonly children: ReactNode;
}

/** Gives every place below it the keys as this person has set them; a change is kept on the server. */
export function ShortcutsProvider({ kept, save, children }: ShortcutsProviderProps) {
  const [shortcuts, setShortcuts] = useState(kept);
  const change = (next: Shortcuts) => {
    const before = shortcuts;
    setShortcuts(next);
    void granted(() => save(next)).then((done) => !done && setShortcuts(before));
  };
  return <Context value={{ shortcuts, change }}>{children}</Context>;
}

/** The keys as this person has set them, and a way to set them otherwise. */
export function useShortcuts(): KeptShortcuts {
  return useContext(Context);
}
