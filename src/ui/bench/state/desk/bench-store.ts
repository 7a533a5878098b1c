import { createStore } from "zustand/vanilla";
import type { Family } from "@/core/colour/family";
import type { LightName } from "@/core/colour/light";
import type { Metal } from "@/core/finish/metals";
import type { Slot } from "@/core/piece/slots";
import type { TieWish } from "@/core/search/scarf-ties";
import type { Change } from "@/core/reading/change";
import type { WhatIf } from "@/core/reading/what-if";
import type { BenchLook, BenchSource } from "@/core/studio/bench-source";
import { benchLookOf, type LookWords } from "@/core/studio/look-record";
import type { LookStep } from "@/core/studio/look-steps";

/** Which candidates the tray shows, by what they would make of the look. */
export const trayFilters = ["all", "fixes something", "adds no problem", "dressier", "quieter"] as const;
export type TrayFilter = (typeof trayFilters)[number];

/** To whom a piece belongs. */
export const owners = ["the client's own", "the studio's kit"] as const;
export type Whose = (typeof owners)[number];

/** For how long a piece has not been worn. */
export const rests = ["for a month", "for three months", "yet"] as const;
export type Rest = (typeof rests)[number];

/** What lies in the tray. */
export type TrayContent = "candidates" | "edit pass" | "whole sets";

export const surrounds = ["light", "middle", "dark"] as const;
export type Surround = (typeof surrounds)[number];

export type BenchDialog =
  "keep" | "keys" | "tailor" | "levers" | "this look" | "compare" | "fact" | "apart" | "no" | "write";

/** Everything on the bench that a hand can change. Only what is worn, and the verdict on it, can be undone. */
export interface BenchState {
  readonly look: BenchLook;
  /** The client's other looks as they were left, the one last worked on first. */
  readonly others: readonly BenchLook[];
  /** What looks are called and what was written of them, by the look's id. */
  readonly words: ReadonlyMap<string, LookWords>;
  /** The steps of looks that were on the bench, the oldest first, by the look's id. */
  readonly steps: ReadonlyMap<string, readonly LookStep[]>;
  /** The look that was on before this one, to be carried over; null once something is done. */
  readonly left: BenchLook | null;
  /** The station that is worked on. */
  readonly active: Slot;
  /** Position of the candidate that is previewed; null for none. */
  readonly cursor: number | null;
  /** A change that is looked at before it is made. */
  readonly tried: Change | null;
  readonly filter: TrayFilter;
  /** Only the client's own, or only the studio's kit; null for both. */
  readonly whose: Whose | null;
  /** Only those in which this colour or this metal is seen; null for any. */
  readonly family: Family | null;
  readonly metal: Metal | null;
  /** Only those that were not worn for so long; null for all. */
  readonly rest: Rest | null;
  /** Whether the tray shows what does not belong at the occasion too. */
  readonly beyond: boolean;
  readonly tray: TrayContent;
  readonly dialog: BenchDialog | null;
  /** The grey that the figure stands before, and the light it stands in. */
  readonly surround: Surround;
  readonly light: LightName;
  /** What is supposed of the occasion while it is looked at; null for nothing. */
  readonly whatIf: WhatIf | null;
  /** How many of the day's layers are off while it is looked at, the outermost first. */
  readonly layersOff: number;
  /** What a scarf is to show of itself, as its ties are offered. */
  readonly scarfShows: TieWish["show"];
  /** The piece that is about to be said no to; null where only what was declined is looked at. */
  readonly refused: string | null;
  /** What is asked for of a piece where a fact is put right: the field of its form; null for nothing special. */
  readonly asked: { readonly pieceId: string; readonly field: string } | null;
}

/** The one store of a bench. */
export function createBenchStore({ start, startSteps, looks }: BenchSource) {
  return createStore<BenchState>()(() => ({
    look: start,
    others: looks.filter(({ id }) => id !== start.id).map(benchLookOf),
    words: new Map(looks.map(({ id, name, note }) => [id, { name, note }])),
    steps: new Map([[start.id, startSteps]]),
    left: null,
    active: "shoe",
    cursor: null,
    tried: null,
    whatIf: null,
    layersOff: 0,
    scarfShows: "best",
    filter: "all",
    whose: null,
    family: null,
    metal: null,
    rest: null,
    beyond: false,
    tray: "candidates",
    dialog: null,
    surround: "light",
    light: "daylight",
    refused: null,
    asked: null,
  }));
}

export type BenchStore = ReturnType<typeof createBenchStore>;
