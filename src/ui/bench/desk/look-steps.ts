import { v7 as uuid } from "uuid";
import type { BenchLook, BenchSource } from "@/core/studio/bench-source";
import { benchLookOf, type LookOnRecord, type LookToKeep, type LookWords } from "@/core/studio/look-record";
import {
  joinSteps,
  stateOf,
  stepAfter,
  stepBefore,
  type LookState,
  type LookStep,
} from "@/core/studio/look-steps";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import type { BenchState, BenchStore } from "./bench-store";
import { garmentsOf, lookFor, wordsOf } from "./own-looks";

/** What is done to a look as a whole, and which of the client's looks lies on the bench. */
export function lookSteps(store: BenchStore, source: BenchSource) {
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

  const stand = (step: LookStep | null) => {
    if (!step) return;
    const { look } = store.getState();
    store.setState({
      look: { ...look, ...stateOf(step), stepId: step.id },
      cursor: null,
      tried: null,
      left: null,
    });
  };

  const stepsOfThis = () => {
    const { look, steps } = store.getState();
    return steps.get(look.id) ?? [];
  };

  /** Changes the look by a step of its own, which can be undone. */
  const take = (next: Partial<LookState>) => {
    const { look, steps } = store.getState();
    const first = look.stepId === null ? [stepOf(look, null)] : [];
    const changed = { ...look, ...next };
    const step = stepOf(changed, look.stepId ?? first[0]?.id ?? null);
    store.setState({
      look: { ...changed, stepId: step.id },
      steps: new Map(steps).set(look.id, [...stepsOfThis(), ...first, step]),
      cursor: null,
      tried: null,
      left: null,
    });
  };

  const choose = (baseId: string, occasionId: string | null) => {
    const { look } = store.getState();
    if (look.baseId === baseId && look.occasionId === occasionId) return;
    lay(lookFor(store.getState(), source, baseId, occasionId) ?? newLook(baseId, occasionId));
  };

  return {
    take,
    undo: () => stand(stepBefore(stepsOfThis(), store.getState().look.stepId)),
    redo: () => stand(stepAfter(stepsOfThis(), store.getState().look.stepId)),
    /** Takes an earlier step up again, as a step of its own. */
    standAgain: (step: LookStep) => take(stateOf(step)),
    /** Steps of a look that come from the record; taken ones that are newer stay. */
    addSteps: (lookId: string, recorded: readonly LookStep[]) =>
      store.setState(({ steps }) => ({
        steps: new Map(steps).set(lookId, joinSteps(recorded, steps.get(lookId) ?? [])),
      })),
    /**
     * Looks that this browser kept when the studio could not be reached: they are newer than the record, and the
     * one the page was left with lies on the bench again.
     */
    takeIn: (waiting: readonly LookToKeep[], leftWith: string | null) => {
      const known = waiting.filter(({ baseId }) => source.bases.some(({ id }) => id === baseId));
      const newer = new Map(known.map((look) => [look.id, benchLookOf(look)]));
      store.setState(({ look, others, words, steps }) => {
        const laid = newer.get(leftWith ?? look.id) ?? newer.get(look.id) ?? look;
        return {
          look: laid,
          others: [...newer.values(), ...[look, ...others].filter(({ id }) => !newer.has(id))].filter(
            ({ id }) => id !== laid.id,
          ),
          words: new Map([...words, ...known.map(({ id, name, note }) => [id, { name, note }] as const)]),
          steps: new Map([
            ...steps,
            ...known.map(({ id, newSteps }) => [id, joinSteps(steps.get(id) ?? [], newSteps)] as const),
          ]),
        };
      });
    },
    /** Lays a look as it stands on record in place of what it is here; every step of both stays. */
    takeTheirs: ({ look: theirs, steps: taken }: LookOnRecord) =>
      store.setState(({ look, others, words, steps }) => ({
        look: look.id === theirs.id ? benchLookOf(theirs) : look,
        others: others.map((other) => (other.id === theirs.id ? benchLookOf(theirs) : other)),
        words: new Map(words).set(theirs.id, { name: theirs.name, note: theirs.note }),
        steps: new Map(steps).set(theirs.id, joinSteps(taken, steps.get(theirs.id) ?? [])),
        cursor: null,
        tried: null,
        left: null,
      })),
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
      const state = store.getState();
      const { name, note } = wordsOf(state, source, of.id);
      const look = { ...of, id: uuid() };
      const first = stepOf(look, null);
      lay(
        { ...look, stepId: first.id },
        {
          words: new Map(state.words).set(look.id, { name: sayWith(benchWords.copyOf, { name }), note }),
          steps: new Map(state.steps).set(look.id, [first]),
          left: null,
        },
      );
    },
    /** Puts on what was on in the look before this one, as far as it belongs to this base. */
    carryOver: () => {
      const { look, left } = store.getState();
      if (!left) return;
      const stays = new Set([...garmentsOf(source, look.baseId), ...left.accessoryIds]);
      take({
        accessoryIds: left.accessoryIds,
        adjustments: left.adjustments.filter(({ piece }) => stays.has(piece)),
        ownVerdict: null,
      });
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

function stepOf(state: LookState, after: string | null): LookStep {
  return { id: uuid(), after, at: new Date().toISOString(), ...stateOf(state) };
}
