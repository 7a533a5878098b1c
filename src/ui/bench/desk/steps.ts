import { adjust, adjustmentOn, wornSlot } from "@/core/piece/adjustment";
import type { Ways } from "@/core/studio/group-record";
import type { LightName } from "@/core/colour/light";
import { isLegged, slotOf, type Legged } from "@/core/piece/piece";
import { slots, type Slot } from "@/core/piece/slots";

import type { WhatIf } from "@/core/reading/what-if";
import { apply, wornSo, type Change } from "@/core/reading/change";
import type { Verdict } from "@/core/reading/verdict";
import type { BenchLook, BenchSource } from "@/core/studio/bench-source";
import { layOut, pieceOf, type LookKey } from "@/core/studio/wardrobe";
import type { BenchDialog, BenchState, BenchStore, Surround, TrayContent, TrayFilter } from "./bench-store";
import { lookSteps } from "./look-steps";

/** Turn-ups that the key goes through: none, once, twice. */
const turns = [
  { count: 1, depth: 4 },
  { count: 2, depth: 3 },
] as const;

/** The ids of a look as the core lays it out. */
export function keyOf(look: BenchLook, source: BenchSource): LookKey {
  const base = source.bases.find(({ id }) => id === look.baseId);
  const { accessoryIds, adjustments, occasionId } = look;
  return { garmentIds: base?.pieceIds ?? [], accessoryIds, adjustments, occasionId };
}

/** Everything that can be done on a bench. */
export function benchSteps(store: BenchStore, source: BenchSource) {
  const set = (next: Partial<BenchState>) => store.setState(next);
  const laid = () => layOut(source, keyOf(store.getState().look, source));
  const { take, ...looks } = lookSteps(store, source);

  const change = (...changes: readonly Change[]) => {
    const changed = changes.reduce((look, next) => apply(look, ownPiece(next, source)), laid());
    take({
      accessoryIds: changed.accessories.map(({ id }) => id),
      adjustments: changed.adjustments,
      ownVerdict: null,
    });
  };
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
    ...looks,
    change,
    go,
    /** To the station above or below, round the body. */
    goBy: (by: 1 | -1) => {
      const at = slots.indexOf(store.getState().active);
      go(slots[(at + by + slots.length) % slots.length] ?? "shoe");
    },
    /** Puts a piece on, with what is done for it to the hem or to itself, or takes it off when it is on. */
    put: (id: string, also: Change | null = null) => {
      const piece = pieceOf(source, id);
      const slot = piece && slotOf(piece);
      if (!piece || !slot) return;
      set({ active: slot });
      if (laid().accessories.includes(piece)) change({ kind: "take-off", piece: id });
      else change({ kind: "wear", piece }, ...(also ? [also] : []));
    },
    /** Takes off the last piece of the station. */
    takeOffActive: () => {
      const { active } = store.getState();
      const { accessories, adjustments } = laid();
      const last = accessories.findLast((piece) => wornSlot(piece, adjustments) === active);
      if (last) change({ kind: "take-off", piece: last.id });
    },
    /** Turns the hem once, twice, lets it down. */
    turn: () => {
      const look = laid();
      const trousers = look.garments.find(isLegged);
      if (trousers) change(nextTurn(trousers, look.adjustments));
    },
    putOnSet: (accessoryIds: readonly string[], ways: Ways = []) =>
      take({
        accessoryIds,
        adjustments: ways.reduce(adjust, store.getState().look.adjustments),
        ownVerdict: null,
      }),
    /** The stylist's own verdict; said again, it is taken back. */
    judge: (verdict: Verdict) =>
      take({ ownVerdict: store.getState().look.ownVerdict === verdict ? null : verdict }),
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

export type BenchSteps = ReturnType<typeof benchSteps>;

function nextTurn(trousers: Legged, adjustments: BenchLook["adjustments"]): Change {
  const turn = adjustmentOn(adjustments, "turn", trousers.id);
  const next = turn ? turns.find(({ count }) => count > turn.count) : turns[0];
  return next
    ? wornSo({ kind: "turn", piece: trousers.id, ...next })
    : { kind: "undo", way: "turn", piece: trousers.id };
}

/** A piece that came back from the worker is a copy: the wardrobe's own stands in for it. */
function ownPiece(change: Change, source: BenchSource): Change {
  if (change.kind !== "wear") return change;
  return { ...change, piece: pieceOf(source, change.piece.id) ?? change.piece };
}
