import { v7 as uuid } from "uuid";
import {
  joinSteps,
  stateOf,
  stepAfter,
  stepBefore,
  type LookState,
  type LookStep,
} from "@/core/studio/look-steps";
import type { BenchStore } from "./bench-store";

/** The steps by which the look on the bench came to be what it is: one more, back, forth, and one taken up again. */
export function stepHistory(store: BenchStore) {
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
  };
}

/** What a look is now, as a step after another. */
export function stepOf(state: LookState, after: string | null): LookStep {
  return { id: uuid(), after, at: new Date().toISOString(), ...stateOf(state) };
}
