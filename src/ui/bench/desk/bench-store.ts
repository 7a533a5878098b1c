import { temporal } from "zundo";
import { createStore } from "zustand/vanilla";
import type { Slot } from "@/core/piece/slots";
import type { Change } from "@/core/reading/change";
import type { BenchLook } from "@/core/studio/bench-source";

/** Which candidates the tray shows. */
export const trayFilters = ["all", "mends", "no new fault"] as const;
export type TrayFilter = (typeof trayFilters)[number];

/** What lies in the tray. */
export type TrayContent = "candidates" | "edit pass" | "whole sets";

export type BenchDialog = "keep" | "keys" | "tailor" | "levers";

/** Everything on the bench that a hand can change. Only the look can be undone. */
export interface BenchState {
  readonly look: BenchLook;
  /** The station that is worked on. */
  readonly active: Slot;
  /** Position of the candidate that is previewed; null for none. */
  readonly cursor: number | null;
  /** A change that is looked at before it is made. */
  readonly tried: Change | null;
  readonly filter: TrayFilter;
  readonly tray: TrayContent;
  readonly dialog: BenchDialog | null;
}

/** How many steps can be taken back. */
const remembered = 100;

/** The one store of a bench, with the steps of its look to undo and to do again. */
export function createBenchStore(start: BenchLook) {
  return createStore<BenchState>()(
    temporal(
      (): BenchState => ({
        look: start,
        active: "shoe",
        cursor: null,
        tried: null,
        filter: "all",
        tray: "candidates",
        dialog: null,
      }),
      {
        partialize: ({ look }) => ({ look }),
        equality: (one, other) => one.look === other.look,
        limit: remembered,
      },
    ),
  );
}

export type BenchStore = ReturnType<typeof createBenchStore>;
