import { adjust, adjustmentOn, wornSlot } from "@/core/piece/adjustment";
import type { Ways } from "@/core/studio/group-record";
import { isLegged, slotOf, type Legged } from "@/core/piece/piece";
import { apply, wornSo, type Change } from "@/core/reading/change";
import type { Verdict } from "@/core/reading/verdict";
import type { BenchLook, BenchSource } from "@/core/studio/bench-source";
import { layOut, pieceOf, type LookKey } from "@/core/studio/wardrobe";
import type { BenchStore } from "./bench-store";
import { lookSteps } from "./look-steps";
import { looksFromElsewhere } from "./looks-from-elsewhere";
import { stepHistory } from "./step-history";
import { viewSteps } from "./view-steps";

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
  const laid = () => layOut(source, keyOf(store.getState().look, source));
  const { take, ...history } = stepHistory(store);

  const change = (...changes: readonly Change[]) => {
    const changed = changes.reduce((look, next) => apply(look, ownPiece(next, source)), laid());
    take({
      accessoryIds: changed.accessories.map(({ id }) => id),
      adjustments: changed.adjustments,
      ownVerdict: null,
    });
  };
  return {
    ...history,
    ...looksFromElsewhere(store, source),
    ...lookSteps(store, source, take),
    ...viewSteps(store),
    change,
    /** Puts a piece on, with what is done for it to the hem or to itself, or takes it off when it is on. */
    put: (id: string, also: Change | null = null) => {
      const piece = pieceOf(source, id);
      const slot = piece && slotOf(piece);
      if (!piece || !slot) return;
      store.setState({ active: slot });
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
