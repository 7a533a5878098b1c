import type { LightName } from "@/core/colour/light";
import { slots, type Slot } from "@/core/piece/slots";
import type { WhatIf } from "@/core/reading/what-if";
import type { Change } from "@/core/reading/change";
import type { BenchDialog, BenchState, BenchStore, Surround, TrayContent, TrayFilter } from "./bench-store";

/** What is looked at on the bench and how; the look itself stays as it is. */
export function viewSteps(store: BenchStore) {
  const set = (next: Partial<BenchState>) => store.setState(next);
  const go = (active: Slot) =>
    set({
      active,
      cursor: null,
      tray: "candidates",
      beyond: false,
      family: null,
      metal: null,
      whose: null,
      rest: null,
    });
  return {
    go,
    /** To the station above or below, round the body. */
    goBy: (by: 1 | -1) => {
      const at = slots.indexOf(store.getState().active);
      go(slots[(at + by + slots.length) % slots.length] ?? "shoe");
    },
    preview: (cursor: number | null) => set({ cursor }),
    tryOut: (tried: Change | null) => set({ tried }),
    filterBy: (filter: TrayFilter) => set({ filter, cursor: null }),
    onlyOf: (only: Partial<Pick<BenchState, "whose" | "family" | "metal" | "rest">>) =>
      set({ ...only, cursor: null }),
    showBeyond: (beyond: boolean) => set({ beyond, cursor: null }),
    standBefore: (surround: Surround) => set({ surround }),
    lightBy: (light: LightName) => set({ light }),
    lay: (tray: TrayContent) => set({ tray, cursor: null }),
    /** Supposes something of the occasion; said again, it is as it was. */
    suppose: (whatIf: WhatIf) =>
      set({ whatIf: store.getState().whatIf === whatIf ? null : whatIf, layersOff: 0 }),
    /** Looks at it without so many of its layers; nought: with all of them on. */
    layersOff: (layersOff: number) => set({ layersOff, whatIf: null }),
    showInScarf: (scarfShows: BenchState["scarfShows"]) => set({ scarfShows }),
    /** A colour of the look is to show in its scarf: the scarf is what is worked on. */
    wantInScarf: (colour: string) => {
      go("neck");
      set({ scarfShows: { colour } });
    },
    open: (dialog: BenchDialog | null) => set({ dialog, asked: null }),
    /** Asks why a piece is not to be offered again, or shows what is not. */
    refuse: (refused: string | null) => set({ dialog: "no", refused }),
    /** Opens the facts of a piece at the one that is asked for. */
    askFor: (pieceId: string, field: string) => set({ dialog: "fact", asked: { pieceId, field } }),
  };
}
