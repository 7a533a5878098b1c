"use client";

import { useReducer } from "react";
import { v7 as uuid } from "uuid";
import { layOut, type LookKey, type Wardrobe } from "@/core/studio/wardrobe";
import { apply, type Change } from "@/core/reading/change";
import type { Verdict } from "@/core/reading/read";
import type { BenchLook, BenchSource } from "@/core/studio/bench-source";

export type Step =
  | { readonly kind: "change"; readonly change: Change }
  | { readonly kind: "put-on-set"; readonly accessoryIds: readonly string[] }
  | { readonly kind: "base"; readonly baseId: string }
  | { readonly kind: "occasion"; readonly occasionId: string | null }
  | { readonly kind: "verdict"; readonly verdict: Verdict | null }
  | { readonly kind: "undo" };

interface State {
  readonly now: BenchLook;
  readonly past: readonly BenchLook[];
}

const remembered = 100;

/** The look on the bench, and what can be done to it; every step but an undo can be undone. */
export function useLook(source: BenchSource, wardrobe: Wardrobe) {
  const [state, step] = useReducer(
    (before: State, next: Step): State => {
      if (next.kind === "undo") {
        const last = before.past[before.past.length - 1];
        return last ? { now: last, past: before.past.slice(0, -1) } : before;
      }
      const now = after(before.now, next, source, wardrobe);
      return now === before.now ? before : { now, past: [...before.past.slice(-remembered), before.now] };
    },
    { now: source.start, past: [] },
  );
  return { look: state.now, step, canUndo: state.past.length > 0 };
}

/** The ids of a look as the core lays it out. */
export function keyOf(look: BenchLook, source: BenchSource): LookKey {
  const base = source.bases.find(({ id }) => id === look.baseId);
  const { accessoryIds, adjustments, occasionId } = look;
  return { garmentIds: base?.pieceIds ?? [], accessoryIds, adjustments, occasionId };
}

function after(
  look: BenchLook,
  step: Exclude<Step, { kind: "undo" }>,
  source: BenchSource,
  wardrobe: Wardrobe,
): BenchLook {
  switch (step.kind) {
    case "change": {
      const changed = apply(layOut(wardrobe, keyOf(look, source)), ownPiece(step.change, wardrobe));
      return {
        ...look,
        accessoryIds: changed.accessories.map(({ id }) => id),
        adjustments: changed.adjustments,
        ownVerdict: null,
      };
    }
    case "put-on-set":
      return { ...look, accessoryIds: step.accessoryIds, ownVerdict: null };
    case "base": {
      const garments = source.bases.find(({ id }) => id === step.baseId)?.pieceIds ?? [];
      const stays = new Set([...garments, ...look.accessoryIds]);
      return {
        ...look,
        id: uuid(),
        baseId: step.baseId,
        adjustments: look.adjustments.filter(({ piece }) => stays.has(piece)),
        ownVerdict: null,
      };
    }
    case "occasion":
      return { ...look, id: uuid(), occasionId: step.occasionId, ownVerdict: null };
    case "verdict":
      return { ...look, ownVerdict: look.ownVerdict === step.verdict ? null : step.verdict };
  }
}

/** A piece that came back from the worker is a copy: the wardrobe's own stands in for it. */
function ownPiece(change: Change, wardrobe: Wardrobe): Change {
  if (change.kind !== "wear") return change;
  return { ...change, piece: wardrobe.pieces.find(({ id }) => id === change.piece.id) ?? change.piece };
}
