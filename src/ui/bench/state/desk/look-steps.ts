import { v7 as uuid } from "uuid";
import type { BenchLook, BenchSource } from "@/core/studio/bench-source";
import type { LookWords } from "@/core/studio/look-record";
import type { LookState } from "@/core/studio/look-steps";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import type { BenchState, BenchStore } from "./bench-store";
import { garmentsOf, lookFor, wordsOf } from "./own-looks";
import { stepOf } from "./step-history";

/**
 * What is done to a look as a whole, and which of the client's looks lies on the bench.
 * @param take changes the look that lies there by a step of its own
 */
export function lookSteps(store: BenchStore, source: BenchSource, take: (next: Partial<LookState>) => void) {
  /** Lays a look on the bench where it was left; the one before goes back to the others. */
  const lay = (look: BenchLook, next: Partial<BenchState> = {}) =>
    store.setState((state) => ({
      look,
      others: [state.look, ...state.others].filter(({ id }) => id !== look.id),
      left: state.look,
      cursor: null,
      tried: null,
      ...next,
    }));

  const choose = (baseId: string, occasionId: string | null) => {
    const { look } = store.getState();
    if (look.baseId === baseId && look.occasionId === occasionId) return;
    lay(lookFor(store.getState(), source, baseId, occasionId) ?? newLook(baseId, occasionId));
  };

  return {
    chooseBase: (baseId: string) => choose(baseId, store.getState().look.occasionId),
    chooseOccasion: (occasionId: string | null) => choose(store.getState().look.baseId, occasionId),
    /** Takes another look of the client up where it was left. */
    takeUp: (lookId: string) => {
      const look = store.getState().others.find(({ id }) => id === lookId);
      if (look) lay(look);
    },
    /** A new look beside this one, with nothing on. */
    beginAnother: () => {
      const { baseId, occasionId } = store.getState().look;
      lay(newLook(baseId, occasionId));
    },
    /** A copy beside a look, this one where none is given; it is called so until it has a name of its own. */
    copy: (of: BenchLook = store.getState().look) => {
      const { look, words, steps } = copied(store.getState(), source, of);
      lay(look, { words, steps, left: null });
    },
    /** Puts on what was on in the look before this one, as far as it belongs to this base. */
    carryOver: () => {
      const { look, left } = store.getState();
      if (left) take(carriedOver(left, garmentsOf(source, look.baseId)));
    },
    /** Writes down what this look is called, or something of it. */
    write: (words: Partial<LookWords>) =>
      store.setState((state) => {
        const before = state.words.get(state.look.id) ?? { name: "", note: "" };
        return { words: new Map(state.words).set(state.look.id, { ...before, ...words }) };
      }),
    /** Takes this look off the bench, for another of its base and occasion or for a new one. */
    leave: () => {
      const { look, others } = store.getState();
      const { baseId, occasionId } = look;
      lay(lookFor({ others }, source, baseId, occasionId) ?? newLook(baseId, occasionId), { left: null });
      store.setState((state) => ({ others: state.others.filter(({ id }) => id !== look.id) }));
    },
    /** Lays a look that was taken off the bench on it again. */
    comeBack: (look: BenchLook) => lay(look, { left: null }),
  };
}

/** A copy of a look, with its words and its first step beside those of all the others. */
function copied(state: BenchState, source: BenchSource, of: BenchLook) {
  const { name, note } = wordsOf(state, source, of.id);
  const look = { ...of, id: uuid() };
  const first = stepOf(look, null);
  return {
    look: { ...look, stepId: first.id },
    words: new Map(state.words).set(look.id, { name: sayWith(benchWords.copyOf, { name }), note }),
    steps: new Map(state.steps).set(look.id, [first]),
  };
}

/** What was on in a look, on other clothes: nobody has judged it there. */
function carriedOver({ accessoryIds, adjustments }: BenchLook, garmentIds: readonly string[]): LookState {
  const stays = new Set([...garmentIds, ...accessoryIds]);
  return { accessoryIds, adjustments: adjustments.filter(({ piece }) => stays.has(piece)), ownVerdict: null };
}

function newLook(baseId: string, occasionId: string | null): BenchLook {
  return {
    id: uuid(),
    baseId,
    occasionId,
    stepId: null,
    accessoryIds: [],
    adjustments: [],
    ownVerdict: null,
    read: null,
  };
}
